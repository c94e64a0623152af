package grintel.core.structure;

import java.util.regex.Pattern;

/** What a single line of an opening reads as, by its words alone. */
final class Elements {
    private static final String MONTH = "(january|february|march|april|may|june|july|august|september|october|november|"
            + "december|jan\\.?|feb\\.?|mar\\.?|apr\\.?|jun\\.?|jul\\.?|aug\\.?|sept?\\.?|oct\\.?|nov\\.?|dec\\.?)";
    private static final Pattern DATE = Pattern.compile("(?i)(due|date|submitted)?:?\\s*("
            + "(\\w+day,?\\s+)?\\d{1,2}(st|nd|rd|th)?\\.?\\s+(of\\s+)?" + MONTH + ",?\\s+\\d{4}"
            + "|(\\w+day,?\\s+)?" + MONTH + "\\s+\\d{1,2}(st|nd|rd|th)?,?\\s+\\d{4}"
            + "|" + MONTH + "\\s+\\d{4}"
            + "|(spring|summer|autumn|fall|winter)(\\s+(term|semester))?\\s+\\d{4}"
            + "|\\d{1,4}[./-]\\d{1,2}[./-]\\d{2,4})\\.?");
    private static final Pattern INSTITUTION =
            Pattern.compile("(?i).*\\b(college|university|institute|academy|polytechnic|seminary|high school|school of|"
                    + "school)\\b.*");
    private static final Pattern DEPARTMENT =
            Pattern.compile("(?i).*\\b(department|division|faculty|program(me)?) of\\b.*");
    private static final Pattern COURSE_CODE =
            Pattern.compile("\\p{Lu}[\\p{L}&]{1,19}(\\s\\p{Lu}[\\p{L}&]{1,19}){0,2}[\\s-]?\\d{2,4}[A-Z]?\\b.*");
    private static final Pattern COURSE = Pattern.compile(
            "(?i)(.*\\b(seminar|course|composition|honors|honours)\\b.*|" + "(introduction|intro) to .*)");
    private static final Pattern CLASS_PERIOD = Pattern.compile(
            "(?i).*\\b(period|class|section|block|hour)\\s+\\w{1,3}\\b.*|.*\\b\\d(st|nd|rd|th)\\s+(period|hour|block)\\b.*");
    private static final Pattern ASSIGNMENT = Pattern.compile(
            "(?i)(.*\\b(essay|paper|assignment|project|report|draft|response|analysis|exam|unit)\\b\\s*#?\\d*|"
                    + "(essay|paper|assignment|project|report|unit)\\b.{0,60})");
    private static final int LONGEST = 90;

    private Elements() {}

    static boolean isDate(String line) {
        return line.length() <= LONGEST && DATE.matcher(line).matches();
    }

    static boolean isInstitution(String line) {
        return line.length() <= LONGEST && INSTITUTION.matcher(line).matches();
    }

    static boolean isDepartment(String line) {
        return line.length() <= LONGEST && DEPARTMENT.matcher(line).matches();
    }

    /** Whether a line opens with a course's number. */
    static boolean isCourseNumber(String line) {
        return line.length() <= LONGEST && COURSE_CODE.matcher(line).matches() && !isDate(line);
    }

    static boolean isCourse(String line) {
        return isCourseNumber(line)
                || line.length() <= LONGEST && COURSE.matcher(line).matches();
    }

    static boolean isClassPeriod(String line) {
        return line.length() <= LONGEST && CLASS_PERIOD.matcher(line).matches();
    }

    static boolean isAssignment(String line) {
        return line.length() <= LONGEST && ASSIGNMENT.matcher(line).matches();
    }
}
