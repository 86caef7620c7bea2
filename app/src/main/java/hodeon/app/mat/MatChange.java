package hodeon.app.mat;

/** What a person can do to one supply. */
public enum MatChange {
    PLUS,
    MINUS,
    PIN,
    UNPIN,
    BAN,
    UNBAN,
    ELSEWHERE,
    HERE,
    LEARN,
    LEARNT;

    static final int MOST_PIECES = 200;

    String words() {
        return switch (this) {
            case PLUS -> "one more";
            case MINUS -> "one less";
            case PIN -> "pinned";
            case UNPIN -> "let go";
            case BAN -> "left out";
            case UNBAN -> "may come again";
            case ELSEWHERE -> "rides elsewhere";
            case HERE -> "rides in the kit";
            case LEARN -> "to be learnt first";
            case LEARNT -> "learnt";
        };
    }

    /** What lies of the supply after it. */
    Mat.Line of(Mat mat, String supply) {
        int pieces = mat.pieces(supply);
        Hold hold = mat.hold(supply);
        boolean learn = mat.learn(supply);
        return switch (this) {
            case PLUS -> new Mat.Line(Math.min(mat.up(supply), MOST_PIECES), unlessBanned(hold), learn);
            case MINUS -> new Mat.Line(mat.down(supply), unlessBanned(hold), learn);
            case PIN -> new Mat.Line(pieces, Hold.PINNED, learn);
            case BAN -> new Mat.Line(0, Hold.BANNED);
            case UNPIN, UNBAN, HERE -> new Mat.Line(pieces, Hold.NONE, learn);
            case ELSEWHERE -> new Mat.Line(Math.max(1, pieces), Hold.ELSEWHERE, learn);
            case LEARN -> new Mat.Line(pieces, hold, true);
            case LEARNT -> new Mat.Line(pieces, hold, false);
        };
    }

    private static Hold unlessBanned(Hold hold) {
        return hold == Hold.BANNED ? Hold.NONE : hold;
    }
}
