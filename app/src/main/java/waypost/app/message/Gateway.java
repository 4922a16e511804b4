package waypost.app.message;

import java.util.UUID;

/** Hands messages to whoever carries them. */
public interface Gateway {

    /** The way a message goes. */
    enum Channel {
        TEXT,
        MAIL
    }

    /** What became of handing one over. */
    enum Handed {
        TAKEN,
        /** Nobody is at that address: trying again is no use. */
        BOUNCED
    }

    /**
     * A message on its way.
     *
     * @param id by which the carrier knows it again: what is handed over twice is carried once
     */
    record Outgoing(UUID id, Channel channel, String address, String body) {}

    /** @throws RuntimeException when it is not known whether it was taken; it is handed over again later */
    Handed hand(Outgoing message);
}
