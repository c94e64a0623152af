package grintel.server.face;

import grintel.core.typeset.FaceCatalogue;
import grintel.server.problem.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.util.regex.Pattern;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Serves the very files the layout measures with, so that page and proof agree. */
@RestController
class FaceController {
    private static final Pattern NAME = Pattern.compile("[A-Za-z]+-(Regular|Bold|Italic|BoldItalic)");

    @GetMapping("/faces/{name}.ttf")
    ResponseEntity<byte[]> face(@PathVariable String name) {
        if (!NAME.matcher(name).matches()) {
            throw Problem.notFound("There is no such face.");
        }
        try (InputStream in = FaceCatalogue.open(name)) {
            return ResponseEntity.ok()
                    .contentType(MediaType.valueOf("font/ttf"))
                    .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePublic())
                    .body(in.readAllBytes());
        } catch (IOException e) {
            throw Problem.notFound("There is no such face.");
        }
    }
}
