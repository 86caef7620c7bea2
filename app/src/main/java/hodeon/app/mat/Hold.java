package hodeon.app.mat;

/** Whether the user insists on what stands on the mat, or has it along outside the kit. */
public enum Hold {
    NONE,
    PINNED,
    BANNED,
    ELSEWHERE
}
