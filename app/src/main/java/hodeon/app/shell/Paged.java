package hodeon.app.shell;

import java.util.List;

/**
 * A part of a long list.
 *
 * @param number of the page, from 1
 * @param pages how many there are, 1 or more
 * @param all how many things there are on all pages
 */
public record Paged<T>(List<T> things, int number, int pages, long all) {

    public Paged {
        things = List.copyOf(things);
    }

    /** The page of this number of a list that is at hand; the nearest there is where there is no such page. */
    public static <T> Paged<T> of(List<T> all, int number, int size) {
        int pages = pages(all.size(), size);
        int page = Math.clamp(number, 1, pages);
        return new Paged<>(all.subList((page - 1) * size, Math.min(all.size(), page * size)), page, pages, all.size());
    }

    public static int pages(long all, int size) {
        return (int) Math.max(1, Math.ceilDiv(all, size));
    }

    public boolean several() {
        return pages > 1;
    }
}
