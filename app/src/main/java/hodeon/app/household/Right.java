package hodeon.app.household;

/** What somebody may do in a household. */
public enum Right {
    /** See kits, stock, lists and what outings take. */
    LOOK("see kits, stock and outings"),
    /** Note what happened and what was used. */
    LOG("keep the log"),
    /** Note what was taken out of a kit. */
    TAKE("take things and say so"),
    /** Walk check rounds. */
    CHECK("walk check rounds"),
    /** Plan outings and kits. */
    PLAN("plan outings and kits"),
    /** Put things into the stock, move, count and discard them. */
    STOCK("enter and move stock"),
    /** See and change what is written about people. */
    PEOPLE("see and change people and doses"),
    /** Backups, members, erasing. */
    KEEP("keep members, backups and the household itself");

    private final String words;

    Right(String words) {
        this.words = words;
    }

    /** Such as “walk check rounds”. */
    public String words() {
        return words;
    }
}
