package waypost.app.account;

import org.springframework.stereotype.Component;

/** The mark of a database that the demo filled: everybody can read the password of its accounts. */
@Component
public class DemoData {

    private final AccountMapper mapper;

    DemoData(AccountMapper mapper) {
        this.mapper = mapper;
    }

    /** Marks this database as the demo's, before the demo enters anything. */
    public void mark() {
        mapper.markAsDemo();
    }

    /** Ends the start when the demo filled this database. */
    void refuse() {
        if (mapper.isOfTheDemo()) {
            throw new IllegalStateException("Found demo data, and accounts with the demo's password, in this database;"
                    + " allowed: a database without demo data. Start with an empty database.");
        }
    }
}
