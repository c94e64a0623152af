package grintel.core.rule.tables;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Paragraph;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.LineWords;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stretch;
import grintel.core.rule.objects.Captioned;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Statistical symbols in heads, stubs and notes: italic where they are Latin letters, upright where they are Greek or
 * abbreviations of words, and in place of the words a program of statistics writes out.
 */
public final class TablesSymbolsRule implements Rule {
    private static final Set<String> SLANTED = Set.of(
            "M", "SD", "SE", "SEM", "Mdn", "t", "F", "df", "p", "r", "rs", "n", "N", "d", "z", "R", "U", "H", "W");
    private static final Pattern UPRIGHT = Pattern.compile("\\bCI\\b|\\bANOVA\\b|[α-ωΑ-Ω]");
    private static final Set<String> BESIDE = Set.of("CI", "LL", "UL", "ANOVA", "min", "max");
    private static final Pattern WORD = Pattern.compile("\\p{L}+");
    private static final Pattern IN_NOTE = Pattern.compile(
            "(?<![\\p{L}\\d-])(?<symbol>M|SD|SE|p|n|N|t|F|r|d|z|df)(?=\\s?(?:\\([^)]{0,20}\\)\\s?)?[=<>≤≥])");
    private static final Map<String, String> WRITTEN_OUT = Map.ofEntries(
            Map.entry("mean", "M"),
            Map.entry("std. deviation", "SD"),
            Map.entry("std deviation", "SD"),
            Map.entry("standard deviation", "SD"),
            Map.entry("std. error", "SE"),
            Map.entry("standard error", "SE"),
            Map.entry("std. error mean", "SEM"),
            Map.entry("std. error of the mean", "SEM"),
            Map.entry("median", "Mdn"),
            Map.entry("sig.", "p"),
            Map.entry("sig. (2-tailed)", "p"),
            Map.entry("sig. (two-tailed)", "p"),
            Map.entry("p-value", "p"),
            Map.entry("p value", "p"));
    private static final Measure ITALIC = Measure.word("italic");
    private static final Measure ROMAN = Measure.word("upright");

    @Override
    public String id() {
        return "tables.symbols";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> names = new ArrayList<>();
        List<Paragraph> notes = new ArrayList<>();
        for (DataTables.DataTable table : DataTables.of(exam).ofRowsAndColumns()) {
            addNames(table.grid(), names);
        }
        Captioned.all(exam, PartKind.TABLE).forEach(each -> notes.addAll(each.notes()));
        List<Stretch> symbols = new ArrayList<>();
        List<Stretch> upright = new ArrayList<>();
        names.forEach(cell -> {
            addSymbols(cell, symbols);
            add(UPRIGHT, cell, upright);
        });
        notes.forEach(note -> add(IN_NOTE, note, symbols));
        List<Reading> out = new ArrayList<>(slanted(exam, symbols, "slant", true));
        out.addAll(slanted(exam, upright, "upright", false).stream()
                .filter(Reading::off)
                .toList());
        out.addAll(abbreviated(exam, names));
        return out;
    }

    /** The cells that name columns and rows; single letters of a stub that may be names of things are left out. */
    private static void addNames(CellGrid grid, List<Paragraph> out) {
        for (CellGrid.Place place : grid.all()) {
            if (place.row() < grid.heads()) {
                out.addAll(place.paragraphs());
            } else if (place.column() == 0 && place.text().length() > 1) {
                out.addAll(place.paragraphs());
            }
        }
    }

    /** The symbols of a cell that says nothing else. */
    private static void addSymbols(Paragraph cell, List<Stretch> out) {
        VisibleText visible = VisibleText.of(cell);
        List<Stretch> found = new ArrayList<>();
        Matcher word = WORD.matcher(visible.text());
        while (word.find()) {
            String said = word.group();
            if (SLANTED.contains(said)) {
                found.add(Stretch.of(cell, visible.range(word.start(), word.end())));
            } else if (!BESIDE.contains(said) && !UPRIGHT.matcher(said).matches()) {
                return;
            }
        }
        out.addAll(found);
    }

    private static void add(Pattern pattern, Paragraph paragraph, List<Stretch> out) {
        VisibleText visible = VisibleText.of(paragraph);
        Matcher found = pattern.matcher(visible.text());
        while (found.find()) {
            int end = pattern == IN_NOTE ? found.end("symbol") : found.end();
            out.add(Stretch.of(paragraph, visible.range(found.start(), end)));
        }
    }

    private List<Reading> slanted(Examination exam, List<Stretch> symbols, String quantity, boolean italic) {
        return exam.stretches(symbols)
                .at(symbol -> exam.place(symbol.paragraph(), symbol.characters()))
                .check(id(), quantity)
                .measure(
                        symbol -> symbol.share(format -> format.get(CharacterProperties.ITALIC)) > 0.5 ? ITALIC : ROMAN)
                .asks(italic ? ITALIC : ROMAN)
                .fix((off, cause) -> set(cause, off, italic))
                .readings();
    }

    private static List<Edit> set(Cause cause, List<Stretch> symbols, boolean italic) {
        List<Holder> holders = new ArrayList<>();
        symbols.forEach(symbol -> holders.addAll(symbol.holders()));
        return cause.set(holders, CharacterProperties.ITALIC, italic);
    }

    private List<Reading> abbreviated(Examination exam, List<Paragraph> names) {
        return exam.lines(names)
                .filter(line -> symbol(line) != null)
                .check(id(), "words")
                .measure(line -> new Measure.Quote(line.characters().strip()))
                .asksOf(line -> new Measure.Quote(String.valueOf(symbol(line))))
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream()
                                .map(line -> LineWords.replaced(line, String.valueOf(symbol(line))))
                                .toList())
                .readings();
    }

    private static @Nullable String symbol(Stretch line) {
        return WRITTEN_OUT.get(
                line.characters().strip().toLowerCase(Locale.ROOT).replaceAll("[\\s\\u00A0]+", " "));
    }
}
