package grintel.core.structure;

import java.util.List;

/**
 * Tells what each line of a title page, or of heading lines, names. A line is first taken for what its words say by
 * themselves; names of people, which say nothing of what the person is, are told by their neighbours.
 */
final class OpeningLines {
    private static final double SURE = 0.9;
    private static final double LIKELY = 0.7;
    private static final double BY_PLACE = 0.6;

    private final Manuscript manuscript;
    private final Claims claims;

    OpeningLines(Manuscript manuscript, Claims claims) {
        this.manuscript = manuscript;
        this.claims = claims;
    }

    /** Claims for the words of a line by themselves. */
    void claimByWords(List<Integer> lines) {
        for (int line : lines) {
            String text = manuscript.get(line).text();
            claims.add(line, PartKind.OPENING_LINE, 0.4, "it stands before the text");
            PartKind waiting = Placeholders.named(text);
            if (waiting != null) {
                claims.add(line, waiting, 0.96, "it is a placeholder that says so");
                continue;
            }
            if (manuscript.get(line).parted().size() > 1) {
                claimFirstOfSeveral(line);
                continue;
            }
            List<NamedPiece> pieces = SharedLine.of(manuscript.get(line).paragraph());
            if (!pieces.isEmpty()) {
                claims.add(line, pieces.get(0).kind(), SURE, "it names several things, and this one first");
                continue;
            }
            if (Elements.isDate(text)) {
                claims.add(line, PartKind.DATE, 0.95, "it is a date");
            }
            if (Names.isTitled(text)) {
                claims.add(line, PartKind.INSTRUCTOR, SURE, "it opens with the title of a teacher");
            } else if (Elements.isClassPeriod(text)) {
                claims.add(line, PartKind.CLASS_PERIOD, SURE, "it names a class");
            } else if (Elements.isInstitution(text)) {
                claims.add(line, PartKind.INSTITUTION, 0.85, "it names an institution");
            } else if (Elements.isDepartment(text)) {
                claims.add(line, PartKind.DEPARTMENT, 0.85, "it names a department");
            } else if (Elements.isCourseNumber(text)) {
                claims.add(line, PartKind.COURSE, 0.8, "it opens with a course's number");
            } else if (Elements.isCourse(text)) {
                claims.add(line, PartKind.COURSE, BY_PLACE, "it names a course");
            } else if (Elements.isAssignment(text)) {
                claims.add(line, PartKind.ASSIGNMENT, 0.5, "it names an assignment");
            }
            if (Names.isSaid(text)) {
                claims.add(line, PartKind.AUTHOR, SURE, "it says whose the paper is");
            }
        }
    }

    /** Lines that hard breaks part in one paragraph are told by the first of them. */
    private void claimFirstOfSeveral(int line) {
        if (Names.isName(manuscript.get(line).parted().get(0))) {
            claims.add(line, PartKind.AUTHOR, LIKELY, "the first of its lines is a name");
        }
    }

    /** Whether a line's own words say that it is something else than a title. */
    boolean isNoTitle(int line) {
        return switch (claims.kind(line)) {
            case DATE, INSTRUCTOR, CLASS_PERIOD, INSTITUTION, DEPARTMENT, AUTHOR -> true;
            case COURSE -> Elements.isCourseNumber(manuscript.get(line).text());
            default -> false;
        };
    }

    /**
     * Claims for names of people by the order they come in: a student's own first, unless the line before it names the
     * course, after which the teacher comes.
     *
     * @param titleFirst whether the title stands before the names, as on a title page
     */
    void claimNames(List<Integer> lines, boolean titleFirst) {
        boolean authorFound = lines.stream().anyMatch(line -> claims.is(line, PartKind.AUTHOR));
        boolean instructorFound = lines.stream().anyMatch(line -> claims.is(line, PartKind.INSTRUCTOR));
        List<Integer> people = lines.stream().filter(this::isOpenName).toList();
        for (int i = 0; i < people.size(); i++) {
            int line = people.get(i);
            PartKind before = kindBefore(line, lines);
            boolean afterCourse = before == PartKind.COURSE && i + 1 < people.size();
            boolean instructor = authorFound ? !instructorFound && !follows(line, PartKind.AUTHOR, lines) : afterCourse;
            if (instructor) {
                claims.add(line, PartKind.INSTRUCTOR, LIKELY, "it is a name where a teacher's stands");
                instructorFound = true;
            } else {
                claims.add(line, PartKind.AUTHOR, LIKELY, titleFirst ? "it is a name after the title" : "it is a name");
                authorFound = true;
            }
        }
    }

    private boolean isOpenName(int line) {
        PartKind kind = claims.kind(line);
        boolean open = kind == PartKind.OPENING_LINE || kind == PartKind.UNKNOWN;
        return open && !Names.in(manuscript.get(line).text()).isEmpty();
    }

    private PartKind kindBefore(int line, List<Integer> lines) {
        int at = lines.indexOf(line);
        return at <= 0 ? PartKind.UNKNOWN : claims.kind(lines.get(at - 1));
    }

    /** Whether the line right before is of a kind, as when each of several authors has a line. */
    private boolean follows(int line, PartKind kind, List<Integer> lines) {
        return kindBefore(line, lines) == kind && lines.get(0) != line && !isHeadingLine(lines);
    }

    /** Heading lines stand at the margin, where the second name is the teacher's. */
    private boolean isHeadingLine(List<Integer> lines) {
        return lines.stream().noneMatch(line -> manuscript.get(line).centred());
    }
}
