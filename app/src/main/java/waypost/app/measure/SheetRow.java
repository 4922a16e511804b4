package waypost.app.measure;

import java.util.List;

/**
 * A measure on the sheet.
 *
 * @param fields the template's fragment of fields, by how it is taken
 * @param timed whether a stopwatch fills the trials
 * @param why why it stands here, and when it was measured last
 * @param expected corridor, usual value, error of the tool
 * @param figures what follows from the latest reading
 * @param closed why the operated side's test may not be done yet, and when; empty when it may
 * @param instead what to do meanwhile
 * @param remarks what to look at after an entry
 */
public record SheetRow(
        String id,
        String title,
        String fields,
        boolean timed,
        String hint,
        boolean due,
        String why,
        String expected,
        List<Cell> cells,
        List<String> figures,
        List<String> milestones,
        String closed,
        String instead,
        int items,
        List<String> remarks) {

    /**
     * A place for one side and mode.
     *
     * @param before the latest reading, with its day
     * @param beforeStrict whether it counts
     * @param today whether it was taken today
     * @param seen its id; blank when there is none
     * @param said what was typed and could not be taken
     * @param question an unlikely value waits for being confirmed
     */
    public record Cell(
            String side,
            String mode,
            String label,
            boolean operated,
            String before,
            boolean beforeStrict,
            boolean today,
            String seen,
            String entryId,
            String said,
            String problem,
            boolean question) {}

    /** The row as it comes back from an entry that was not taken: the problem stands in its cell, or below where there is none. */
    SheetRow refused(SheetEntry entry, String problem, boolean question) {
        List<Cell> marked = cells.stream()
                .map(cell -> isOf(cell, entry)
                        ? new Cell(
                                cell.side(),
                                cell.mode(),
                                cell.label(),
                                cell.operated(),
                                cell.before(),
                                cell.beforeStrict(),
                                cell.today(),
                                cell.seen(),
                                SheetEntry.text(entry.entryId()),
                                SheetEntry.text(entry.said()),
                                problem,
                                question)
                        : cell)
                .toList();
        boolean shown = cells.stream().anyMatch(cell -> isOf(cell, entry));
        return with(marked, shown ? remarks : List.of(problem));
    }

    private static boolean isOf(Cell cell, SheetEntry entry) {
        return cell.side().equalsIgnoreCase(SheetEntry.text(entry.side()))
                && cell.mode().equalsIgnoreCase(SheetEntry.text(entry.mode()));
    }

    SheetRow remarked(List<String> more) {
        return with(cells, more);
    }

    private SheetRow with(List<Cell> others, List<String> more) {
        return new SheetRow(
                id,
                title,
                fields,
                timed,
                hint,
                due,
                why,
                expected,
                others,
                figures,
                milestones,
                closed,
                instead,
                items,
                more);
    }
}
