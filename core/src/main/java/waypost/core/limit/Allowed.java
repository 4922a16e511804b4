package waypost.core.limit;

import java.util.Optional;

/**
 * What a limit leaves on a day.
 *
 * @param <T> the quantity that is limited
 */
public sealed interface Allowed<T> {

    /** No restriction any more. */
    record Free<T>() implements Allowed<T> {}

    /** Nothing at all. */
    record Nothing<T>() implements Allowed<T> {}

    /** Within this bound. */
    record Within<T>(T bound) implements Allowed<T> {}

    static <T> Allowed<T> free() {
        return new Free<>();
    }

    static <T> Allowed<T> nothing() {
        return new Nothing<>();
    }

    static <T> Allowed<T> within(T bound) {
        return new Within<>(bound);
    }

    default boolean isFree() {
        return this instanceof Free<T>;
    }

    /** The bound, when there is one. */
    default Optional<T> most() {
        return this instanceof Within<T> within ? Optional.of(within.bound()) : Optional.empty();
    }
}
