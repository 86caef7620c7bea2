package hodeon.app.household.door;

import jakarta.validation.constraints.AssertTrue;
import jakarta.validation.constraints.Size;

/** The first-run form. Messages name the limit and the remedy; the page shows the field and the value. */
public record AccountForm(
        @Size(min = 1, max = 80, message = "A household's name has 1 to 80 characters. Give it a short name.")
        String household,

        @Size(min = 3, max = 80, message = "A sign-in name has 3 to 80 characters. Choose another.")
        String name,

        String password,

        String again) {

    public static final AccountForm EMPTY = new AccountForm("", "", "", "");

    public AccountForm {
        household = household == null ? "" : household.strip();
        name = name == null ? "" : name.strip();
        password = password == null ? "" : password;
        again = again == null ? "" : again;
    }

    @AssertTrue(message = "The two passwords differ. Type the same one twice.")
    public boolean isTypedTwice() {
        return password.equals(again);
    }
}
