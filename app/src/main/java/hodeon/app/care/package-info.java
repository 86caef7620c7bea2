/** What was found, given and whether it helped, casualty by casualty. Start with {@link hodeon.app.care.CareBook}. */
@org.jspecify.annotations.NullMarked
package hodeon.app.care;
