package waypost.app.finder;

import java.util.List;

/** What was found for some words. */
public record Found(String wanted, List<PatientFinder.Found> patients, List<Entry> protocols, List<Entry> exercises) {

    /** Something of the library. */
    public record Entry(String id, String title, String beside) {}

    public boolean isNothing() {
        return patients.isEmpty() && protocols.isEmpty() && exercises.isEmpty();
    }
}
