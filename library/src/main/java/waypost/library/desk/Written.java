package waypost.library.desk;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import waypost.library.text.Entry;
import waypost.library.text.Spot;

/** A text in which values are written anew and entries of lists are put in and taken out, as it is written already. */
record Written(String text) {

    private static final Pattern NEEDS_NO_MARKS = Pattern.compile("[A-Za-z0-9][A-Za-z0-9 %°./+-]*");
    private static final Set<String> OTHER_THAN_TEXT = Set.of("true", "false", "null", "yes", "no", "on", "off");

    /** Writes a value anew, with quotation marks where it had some or needs them. */
    Splice value(Entry entry, String value) {
        Spot spot = entry.spot();
        return new Splice(
                spot.begins(),
                spot.ends(),
                switch (spot.form()) {
                    case SINGLE_QUOTED -> "'" + value.replace("'", "''") + "'";
                    case DOUBLE_QUOTED, LINES -> quoted(value);
                    default -> plain(value);
                });
    }

    /** Writes a value of a mapping anew, or puts it in behind the one that is named. */
    Splice value(Entry mapping, String key, String value, String behind) {
        if (mapping.has(key)) {
            return value(mapping.at(key), value);
        }
        int after = mapping.at(behind).spot().ends();
        String written = key + ": " + plain(value);
        return mapping.spot().form() == Spot.Form.BRACKETS
                ? new Splice(after, after, ", " + written)
                : new Splice(
                        endOfLine(after),
                        endOfLine(after),
                        "\n" + " ".repeat(column(mapping.spot().begins())) + written);
    }

    /** Takes a key with its value out of a mapping that has others. */
    Splice withoutKey(Entry mapping, String key) {
        Spot value = mapping.at(key).spot();
        int begins = text.lastIndexOf(key, value.begins() - 1);
        if (mapping.spot().form() != Spot.Form.BRACKETS) {
            return new Splice(lineOf(begins), endOfLine(value.ends()) + 1, "");
        }
        int before = begins - 1;
        while (Character.isWhitespace(text.charAt(before))) {
            before--;
        }
        return text.charAt(before) == ','
                ? new Splice(before, value.ends(), "")
                : new Splice(begins, text.indexOf(',', value.ends()) + 1, "");
    }

    /** Puts an entry into a list before the one at {@code index}, or behind its last. */
    Splice before(Entry list, List<Entry> items, int index, String item) {
        boolean brackets = list.spot().form() == Spot.Form.BRACKETS;
        if (items.isEmpty()) {
            return new Splice(list.spot().begins(), list.spot().ends(), "[" + item + "]");
        }
        if (index < items.size()) {
            int begins = items.get(index).spot().begins();
            return brackets
                    ? new Splice(begins, begins, item + ", ")
                    : new Splice(lineOf(begins), lineOf(begins), line(begins, item) + "\n");
        }
        Spot last = items.get(items.size() - 1).spot();
        return brackets
                ? new Splice(last.ends(), last.ends(), ", " + item)
                : new Splice(endOfLine(last.ends()), endOfLine(last.ends()), "\n" + line(last.begins(), item));
    }

    /** Takes an entry out of a list. */
    Splice without(Entry list, List<Entry> items, int index) {
        Spot gone = items.get(index).spot();
        if (items.size() == 1) {
            return new Splice(list.spot().begins(), list.spot().ends(), "[]");
        }
        if (list.spot().form() != Spot.Form.BRACKETS) {
            return new Splice(lineOf(gone.begins()), Math.min(text.length(), endOfLine(gone.ends()) + 1), "");
        }
        return index + 1 < items.size()
                ? new Splice(gone.begins(), items.get(index + 1).spot().begins(), "")
                : new Splice(items.get(index - 1).spot().ends(), gone.ends(), "");
    }

    /** Puts a section with one entry at the end. */
    Splice section(String name, String item) {
        String gap = text.endsWith("\n") ? "\n" : "\n\n";
        return new Splice(text.length(), text.length(), gap + name + ":\n  - " + item.replace("\n", "\n    ") + "\n");
    }

    /** An entry written as the one that begins there is. */
    private String line(int beside, String item) {
        int dash = text.lastIndexOf('-', beside - 1);
        String indent = " ".repeat(column(dash));
        return indent + "- " + item.replace("\n", "\n" + indent + "  ");
    }

    private int lineOf(int at) {
        return text.lastIndexOf('\n', at - 1) + 1;
    }

    private int column(int at) {
        return at - lineOf(at);
    }

    private int endOfLine(int at) {
        int end = text.indexOf('\n', at);
        return end < 0 ? text.length() : end;
    }

    static String plain(String value) {
        boolean clear = NEEDS_NO_MARKS.matcher(value).matches()
                && value.equals(value.strip())
                && !OTHER_THAN_TEXT.contains(value);
        return clear ? value : quoted(value);
    }

    private static String quoted(String value) {
        return "\"" + value.replace("\\", "\\\\").replace("\"", "\\\"") + "\"";
    }
}
