package grintel.server.problem;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Answers with a problem where no controller does, as in filters. */
@Component
public class ProblemWriter {
    private final JsonMapper json;

    ProblemWriter(JsonMapper json) {
        this.json = json;
    }

    /** Makes a problem the whole of an answer of which nothing has gone out yet. */
    public void write(Problem problem, HttpServletResponse response) throws IOException {
        problem.headers().forEach(response::setHeader);
        response.setStatus(problem.detail().getStatus());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream().write(json.writeValueAsBytes(problem.detail()));
    }
}
