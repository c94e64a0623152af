package grintel.server;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the interface, from which the web application's types are made. */
@Configuration
class OpenApiConfiguration {
    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Grintel").version("1")).servers(List.of(new Server().url("/")));
    }

    /** A component of a record is always there unless it says it may be missing. */
    @Bean
    ModelConverter requiredUnlessNullable() {
        return new ModelConverter() {
            @Override
            public @Nullable Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
                Class<?> raw = Json.mapper().constructType(type.getType()).getRawClass();
                Schema<?> defined = raw.isRecord() ? context.getDefinedModels().get(raw.getSimpleName()) : null;
                if (defined != null) {
                    for (RecordComponent component : raw.getRecordComponents()) {
                        if (!component.getAnnotatedType().isAnnotationPresent(Nullable.class)
                                && (defined.getRequired() == null
                                        || !defined.getRequired().contains(component.getName()))) {
                            defined.addRequiredItem(component.getName());
                        }
                    }
                }
                return schema;
            }
        };
    }
}
