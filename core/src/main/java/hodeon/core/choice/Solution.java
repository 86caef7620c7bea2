package hodeon.core.choice;

import java.util.List;

/** What the {@link Optimiser} answers. */
public sealed interface Solution {

    /**
     * @param quantities pieces of each candidate
     * @param worth of the best allocation of these pieces
     * @param burden of these pieces, in worth
     * @param bound no choice within the limits is worth more than this when its burden is taken off
     */
    record Found(List<Integer> quantities, double worth, double burden, double bound) implements Solution {

        public Found {
            quantities = List.copyOf(quantities);
        }

        /** What is left of the worth when the burden is taken off; what must come whatever it earns can make it negative. */
        public double net() {
            return worth - burden;
        }

        /** How far the net worth is below the bound, as a share of the worth: 0 is proven best. */
        public double gap() {
            return gapOf(worth, net());
        }

        /** The same of another kit for the same question. */
        public double gapOf(double otherWorth, double otherNet) {
            double of = Math.max(otherWorth, bound);
            return of <= 0 ? 0 : Math.max(0, bound - otherNet) / of;
        }

        /** The better of two answers to one question, under the nearer of their bounds. */
        Found or(Found other) {
            Found better = other.net() >= net() ? other : this;
            return new Found(
                    better.quantities(),
                    better.worth(),
                    better.burden(),
                    Math.max(better.net(), Math.min(bound, other.bound())));
        }

        /** Another kit in the place of this one, as an answer to this one's question; only the burdens of the two questions differ. */
        Found replacedBy(Found other, Choice question) {
            double burden = question.burden().of(other.array());
            return new Found(other.quantities(), other.worth(), burden, Math.max(other.worth() - burden, bound));
        }

        public int[] array() {
            return quantities.stream().mapToInt(Integer::intValue).toArray();
        }
    }

    /**
     * What must come does not fit the limits.
     *
     * @param lightest pieces that keep every floor and take least of the first limit, whatever the other limits say;
     *     empty if the floors contradict each other without any limit
     * @param conflict floors and limits that cannot hold together, none of which could be left out of the list
     */
    record TooTight(List<Integer> lightest, List<String> conflict) implements Solution {

        public TooTight {
            lightest = List.copyOf(lightest);
            conflict = List.copyOf(conflict);
        }
    }
}
