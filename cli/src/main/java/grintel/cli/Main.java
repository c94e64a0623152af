package grintel.cli;

import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.ParameterException;

/** The entry point. Exit codes: 0 done, 1 required findings, 2 a file or an option cannot be used. */
@Command(
        name = "grintel",
        description = "Checks and puts right the layout of a paper.",
        subcommands = {
            CheckCommand.class,
            FixCommand.class,
            LinesCommand.class,
            ConvertCommand.class,
            NewCommand.class,
            WarmUpCommand.class,
            GuideDocumentsCommand.class
        },
        mixinStandardHelpOptions = true,
        version = "Grintel 0.1.0")
public final class Main implements Runnable {
    static final int DONE = 0;
    static final int FINDINGS = 1;
    static final int UNUSABLE = 2;

    private Main() {}

    public static void main(String[] args) {
        PrintStream out = new PrintStream(new FileOutputStream(FileDescriptor.out), false, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(new FileOutputStream(FileDescriptor.err), true, StandardCharsets.UTF_8);
        int code = run(out, err, args);
        out.flush();
        System.exit(code);
    }

    /** Runs a command with its output going to these streams. */
    static int run(PrintStream out, PrintStream err, String... args) {
        Console console = new Console(out, err);
        CommandLine line = new CommandLine(new Main(), new CommandFactory(console));
        line.setOut(new PrintWriter(out, true, StandardCharsets.UTF_8));
        line.setErr(new PrintWriter(err, true, StandardCharsets.UTF_8));
        line.setParameterExceptionHandler((problem, arguments) -> {
            console.error(firstLine(problem));
            return UNUSABLE;
        });
        line.setExecutionExceptionHandler((problem, command, result) -> {
            console.error(Problems.sentence(problem));
            return UNUSABLE;
        });
        return line.execute(args);
    }

    private static String firstLine(ParameterException problem) {
        String message = String.valueOf(problem.getMessage());
        return message.lines().findFirst().orElse("The command cannot be understood") + " (see grintel --help)";
    }

    @Override
    public void run() {
        throw new Problems.UsageException("Say what to do: check, fix, new, lines or convert.");
    }
}
