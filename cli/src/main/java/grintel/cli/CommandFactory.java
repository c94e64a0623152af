package grintel.cli;

import picocli.CommandLine;
import picocli.CommandLine.IFactory;

/** Makes the commands with the console they write to. */
record CommandFactory(Console console) implements IFactory {
    @Override
    public <K> K create(Class<K> type) throws Exception {
        if (type == CheckCommand.class) {
            return type.cast(new CheckCommand(console));
        }
        if (type == FixCommand.class) {
            return type.cast(new FixCommand(console));
        }
        if (type == LinesCommand.class) {
            return type.cast(new LinesCommand(console));
        }
        if (type == ConvertCommand.class) {
            return type.cast(new ConvertCommand(console));
        }
        if (type == NewCommand.class) {
            return type.cast(new NewCommand(console));
        }
        if (type == WarmUpCommand.class) {
            return type.cast(new WarmUpCommand(console));
        }
        return CommandLine.defaultFactory().create(type);
    }
}
