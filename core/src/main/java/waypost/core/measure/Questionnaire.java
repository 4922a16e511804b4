package waypost.core.measure;

import java.util.List;
import java.util.Optional;

/**
 * A score from numbered answers. Only the arithmetic is here; the wording of the items is not.
 *
 * @param items how many items there are
 * @param fewest how many of them must be answered
 * @param least the least answer
 * @param most the greatest answer
 */
public record Questionnaire(int items, int fewest, int least, int most, Scoring scoring) {

    /** How answers become a score. */
    public enum Scoring {
        /** All added up. */
        SUM,
        /** The mean of those answered. */
        MEAN,
        /** The mean of those answered, less 1, times 25: 1 to 5 becomes 0 to 100. */
        MEAN_TO_HUNDRED
    }

    public Questionnaire {
        if (fewest < 1 || fewest > items || least >= most) {
            throw new IllegalArgumentException("questionnaire: found " + items + " items of which " + fewest
                    + " answered, from " + least + " to " + most
                    + ", allowed: 1 to all of them answered, and the lesser answer first");
        }
    }

    /** The score; an empty answer is one not given. */
    public double score(List<Optional<Integer>> answers) {
        if (answers.size() != items) {
            throw new IllegalArgumentException(
                    "answers: found " + answers.size() + " places, allowed: " + items + ", one for each item");
        }
        int[] given = answers.stream()
                .flatMap(Optional::stream)
                .mapToInt(this::checked)
                .toArray();
        if (given.length < fewest) {
            throw new IllegalArgumentException(
                    "answers: found " + given.length + " given, allowed: at least " + fewest + " of " + items);
        }
        double sum = 0;
        for (int answer : given) {
            sum += answer;
        }
        return switch (scoring) {
            case SUM -> sum;
            case MEAN -> sum / given.length;
            case MEAN_TO_HUNDRED -> (sum / given.length - 1) * 25;
        };
    }

    private int checked(int answer) {
        if (answer < least || answer > most) {
            throw new IllegalArgumentException("answers: found " + answer + ", allowed: " + least + " to " + most);
        }
        return answer;
    }
}
