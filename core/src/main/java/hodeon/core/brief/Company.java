package hodeon.core.brief;

/**
 * Who adds to the demand besides the party's people.
 *
 * @param dogs along, 0 to {@value #MOST_DOGS}
 * @param strangers met on the way who may need help, as a share of one more person, 0 to 1
 */
public record Company(int dogs, double strangers) {

    public static final int MOST_DOGS = 12;
    public static final Company NONE = new Company(0, 0);

    public Company {
        if (dogs < 0 || dogs > MOST_DOGS) {
            throw new IllegalArgumentException(dogs + " dogs is outside 0 to " + MOST_DOGS + ".");
        }
        if (!(strangers >= 0 && strangers <= 1)) {
            throw new IllegalArgumentException("A strangers' share of " + strangers + " is outside 0 to 1.");
        }
    }
}
