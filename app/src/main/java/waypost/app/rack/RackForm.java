package waypost.app.rack;

import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import waypost.core.exercise.Purpose;
import waypost.core.reason.VerdictKind;

/** A filter as it stands in an address; what is absent or blank asks for nothing. {@code view} is near or far. */
public record RackForm(
        RackFilter.@Nullable Show show,
        @Nullable VerdictKind verdict,
        @Nullable Purpose purpose,
        @Nullable String equipment,
        @Nullable String find,
        @Nullable String view) {

    public RackFilter filter() {
        return new RackFilter(
                Objects.requireNonNullElse(show, RackFilter.Show.ALL),
                Optional.ofNullable(verdict),
                Optional.ofNullable(purpose),
                Objects.requireNonNullElse(equipment, ""),
                Objects.requireNonNullElse(find, ""),
                "far".equals(view));
    }
}
