package hodeon.app.kit;

/** Whether the user insists on what stands on the mat, or has it along outside the kit. */
enum Hold {
    NONE,
    PINNED,
    BANNED,
    ELSEWHERE
}
