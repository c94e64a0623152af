package grintel.core.structure;

import grintel.core.paper.Glance;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.TextRange;
import grintel.core.typeset.Proof;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/**
 * The parts of a paper: a tree of parts with spans, and beside it what each paragraph of the text is. Recognised from
 * the words and from the pages as laid out, never from what a guide asks.
 */
public final class Parts {
    private static final List<Recogniser> RECOGNISERS = List.of(
            new PlainRecogniser(),
            new ObjectRecogniser(),
            new EntryRecogniser(),
            new TextRecogniser(),
            new HeadingRecogniser());
    private static final Set<PartKind> SET_OFF =
            EnumSet.of(PartKind.BLOCK_QUOTATION, PartKind.LIST_ITEM, PartKind.PICTURE, PartKind.FORMULA, PartKind.CODE);

    private final Manuscript manuscript;
    private final Map<Integer, Correction> corrections;
    private final Claims claims;
    private final Zones zones;
    private final int titlePageEnd;
    private final PartKind[] kinds;
    private final int[] levels;
    private final int[] runInLevels;
    private final RunInHeadings runIns;
    private final PaperFacts facts;
    private final Map<Set<PartKind>, List<Paragraph>> byKinds = new ConcurrentHashMap<>();
    private volatile @Nullable Part root;

    private Parts(Manuscript manuscript, Map<Integer, Correction> corrections) {
        this.manuscript = manuscript;
        this.corrections = corrections;
        this.claims = new Claims(manuscript.size());
        corrections.forEach((index, said) -> claims.add(index, said.kind(), 1, "you say so"));
        OpeningFinder opening = new OpeningFinder(manuscript, claims);
        int text = opening.find();
        this.titlePageEnd = opening.titlePageEnd();
        int unlabelled = new BackMatterFinder(manuscript, claims).find(text);
        this.zones = Zones.of(manuscript, claims, text, unlabelled);
        RECOGNISERS.forEach(recogniser -> recogniser.claim(manuscript, zones, claims));
        this.runIns = new RunInHeadings(manuscript, claims);
        this.kinds = new PartKind[manuscript.size()];
        this.levels = new int[manuscript.size()];
        this.runInLevels = new int[manuscript.size()];
        settle();
        setLevels();
        this.facts = PaperFacts.of(this);
    }

    /** Recognises the parts of a paper as laid out. */
    public static Parts recognise(Paper paper, Proof proof) {
        return recognise(paper, proof, Corrections.NONE);
    }

    /** Recognises the parts of a paper as laid out, what the writer says of them above all else. */
    public static Parts recognise(Paper paper, Proof proof, Corrections corrections) {
        return new Parts(new Manuscript(paper, proof), corrections.place(paper));
    }

    private void settle() {
        for (int i = 0; i < kinds.length; i++) {
            kinds[i] = claims.kind(i);
            if (kinds[i] == PartKind.PARAGRAPH && !corrections.containsKey(i) && goesOn(i)) {
                kinds[i] = PartKind.CONTINUATION;
            }
        }
    }

    /** Whether a paragraph goes on after what is set off from it, or in the line of a heading before it. */
    private boolean goesOn(int index) {
        int before = index - 1;
        while (before >= 0 && kinds[before] == PartKind.BLANK) {
            before--;
        }
        if (before < 0) {
            return false;
        }
        String text = manuscript.get(index).text();
        boolean lower = !text.isEmpty() && Character.isLowerCase(text.codePointAt(0));
        return SET_OFF.contains(kinds[before]) && lower
                || before == index - 1 && manuscript.get(before).paragraph().runsOn();
    }

    private void setLevels() {
        HeadingLevels forms = new HeadingLevels();
        List<Line> headings = new ArrayList<>();
        for (int i = 0; i < kinds.length; i++) {
            if (kinds[i] == PartKind.HEADING) {
                headings.add(manuscript.get(i));
            }
        }
        forms.learn(headings);
        int before = 0;
        // A heading that text runs on from may stand under another such, one on its own line never does.
        int innermost = 0;
        for (int i = 0; i < kinds.length; i++) {
            RunInHeadings.RunIn runIn = runIns.at(i);
            if (kinds[i] == PartKind.HEADING) {
                Correction said = corrections.get(i);
                Integer level = said == null ? null : said.level();
                levels[i] = level == null ? forms.of(manuscript.get(i), before) : level;
                before = levels[i];
                innermost = before;
            } else if (runIn != null) {
                runInLevels[i] = forms.ofRunIn(runIn.bold(), runIn.italic(), runIn.underlined(), innermost);
                innermost = runInLevels[i];
            }
        }
    }

    // ---- paragraph by paragraph

    /** What the paragraph of an index is. */
    public PartKind kind(int index) {
        return kinds[index];
    }

    /** Whether a paragraph stands on a title page. */
    public boolean isOnTitlePage(int index) {
        return index < titlePageEnd;
    }

    public boolean hasTitlePage() {
        return titlePageEnd > 0;
    }

    /** Index after the last paragraph of the title page, 0 where there is none. */
    int titlePageEnd() {
        return titlePageEnd;
    }

    /** What a line of the opening names by its words besides what it was taken for: one line may name two things. */
    public Set<PartKind> alsoNames(int index) {
        EnumSet<PartKind> out = EnumSet.noneOf(PartKind.class);
        if (!namesThings(index)) {
            return out;
        }
        List<String> parted = manuscript.get(index).parted();
        for (String text : parted) {
            add(out, PartKind.DATE, parted.size() > 1 && Elements.isDate(text));
            add(out, PartKind.CLASS_PERIOD, Elements.isClassPeriod(text));
            add(out, PartKind.INSTITUTION, Elements.isInstitution(text));
            add(out, PartKind.DEPARTMENT, Elements.isDepartment(text));
            add(out, PartKind.COURSE, Elements.isCourse(text));
            add(out, PartKind.INSTRUCTOR, Names.isTitled(text));
        }
        pieces(index).forEach(piece -> out.add(piece.kind()));
        out.remove(kinds[index]);
        return out;
    }

    /** What a line of the opening names one after the other, where that is several things; else nothing. */
    public List<NamedPiece> pieces(int index) {
        return namesThings(index) ? SharedLine.of(manuscript.get(index).paragraph()) : List.of();
    }

    /** Whether a line of the opening says by its words what it names; a title may say anything. */
    private boolean namesThings(int index) {
        return kinds[index].isOfOpening() && kinds[index] != PartKind.TITLE && kinds[index] != PartKind.SUBTITLE;
    }

    private static void add(Set<PartKind> kinds, PartKind kind, boolean is) {
        if (is) {
            kinds.add(kind);
        }
    }

    /** Whether a paragraph stands in the text or in an appendix, which is made up as the text is. */
    public boolean isInText(int index) {
        return zones.zone(index).isText();
    }

    /** Whether a paragraph stands in an appendix. */
    public boolean isInAppendix(int index) {
        return zones.zone(index) == Zone.APPENDIX;
    }

    /** The level of a heading on a line of its own, from 1; 0 for a paragraph that is none. */
    public int headingLevel(int index) {
        return levels[index];
    }

    /** The heading that the text of a paragraph runs on from; null where it opens with none. */
    public @Nullable TextRange runInHeading(int index) {
        RunInHeadings.RunIn heading = runIns.at(index);
        return heading == null
                ? null
                : new TextRange(manuscript.get(index).paragraph().address(), 0, heading.end());
    }

    /** The level of the heading that a paragraph opens with; 0 for none. */
    public int runInLevel(int index) {
        return runInLevels[index];
    }

    /** Whether the writer said what a paragraph is. */
    public boolean isCorrected(int index) {
        return corrections.containsKey(index);
    }

    /**
     * How much doubt is left of what a paragraph was taken for, from 0 for none to 1: what it is not sure of by itself,
     * and how near another kind comes.
     */
    public double doubt(int index) {
        return kinds[index] == PartKind.UNKNOWN ? 1 : claims.doubt(index, claimed(index));
    }

    /** What a paragraph was told by, the weightiest first. */
    public List<Claim> evidence(int index) {
        return claims.evidence(index, claimed(index));
    }

    private PartKind claimed(int index) {
        return kinds[index] == PartKind.CONTINUATION && !isCorrected(index) ? PartKind.PARAGRAPH : kinds[index];
    }

    /** The paragraphs of some kinds, in order. */
    public List<Paragraph> paragraphs(PartKind first, PartKind... more) {
        return paragraphs(EnumSet.of(first, more));
    }

    /** The paragraphs of some kinds, in order. */
    public List<Paragraph> paragraphs(Set<PartKind> asked) {
        // Many rules ask for the same kinds.
        List<Paragraph> known = byKinds.get(asked);
        return known != null ? known : byKinds.computeIfAbsent(Set.copyOf(asked), key -> ofKinds(asked));
    }

    private List<Paragraph> ofKinds(Set<PartKind> asked) {
        List<Paragraph> out = new ArrayList<>();
        for (int i = 0; i < kinds.length; i++) {
            if (asked.contains(kinds[i])) {
                out.add(manuscript.get(i).paragraph());
            }
        }
        return List.copyOf(out);
    }

    /** Index of the first paragraph of a kind from one on, or -1. */
    public int index(PartKind kind, int from) {
        for (int i = from; i < kinds.length; i++) {
            if (kinds[i] == kind) {
                return i;
            }
        }
        return -1;
    }

    // ---- as a whole

    /** The paper as a tree. */
    public Part root() {
        Part known = root;
        if (known == null) {
            known = new TreeBuilder(manuscript, this, zones).build();
            root = known;
        }
        return known;
    }

    /** What the paper says of itself: the one place where it is read off. */
    public PaperFacts facts() {
        return facts;
    }

    /** What characters a paragraph holds, as far as they can be read. */
    public Glance glance(int index) {
        return manuscript.get(index).glance();
    }

    /** The words of a paragraph, white space at its ends aside. */
    String text(int index) {
        return manuscript.get(index).text();
    }

    /** How many paragraphs the text has. */
    public int size() {
        return kinds.length;
    }
}
