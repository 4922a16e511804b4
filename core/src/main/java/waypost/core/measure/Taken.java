package waypost.core.measure;

import java.util.Optional;

/**
 * How a measure's values are taken.
 *
 * @param questionnaire for answers by number
 * @param derivation for what is worked out from other readings
 */
public record Taken(Method method, Optional<Questionnaire> questionnaire, Optional<Derivation> derivation) {

    public Taken {
        if (questionnaire.isPresent() != (method == Method.QUESTIONNAIRE)
                || derivation.isPresent() != (method == Method.DERIVED)) {
            throw new IllegalArgumentException("taken: found " + method
                    + ", allowed: a questionnaire exactly for answers, a derivation exactly for what is derived");
        }
    }

    public static Taken by(Method method) {
        return new Taken(method, Optional.empty(), Optional.empty());
    }

    public static Taken by(Questionnaire questionnaire) {
        return new Taken(Method.QUESTIONNAIRE, Optional.of(questionnaire), Optional.empty());
    }

    public static Taken by(Derivation derivation) {
        return new Taken(Method.DERIVED, Optional.empty(), Optional.of(derivation));
    }
}
