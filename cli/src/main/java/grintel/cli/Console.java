package grintel.cli;

import java.io.PrintStream;

/** Where a command writes. */
record Console(PrintStream out, PrintStream err) {
    void print(String line) {
        out.println(line);
    }

    /** One line on standard error. */
    void error(String sentence) {
        err.println("grintel: " + sentence.replaceAll("\\s*\\R\\s*", " "));
    }
}
