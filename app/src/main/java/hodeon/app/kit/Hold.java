package hodeon.app.kit;

/** Whether the user insists on what stands on the mat. */
enum Hold {
    NONE,
    PINNED,
    BANNED
}
