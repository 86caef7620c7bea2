package hodeon.app.shell.chart;

import java.util.List;

/** Pieces of one supply as they are drawn everywhere: the outline of their kind, so large as they are. */
public record Pieces(String form, List<Piece> pieces) {

    /** Where one piece lies. */
    public record Piece(String x, String y, String width, String height) {}

    /**
     * The pieces as SVG, written here because a template takes a hundred times as long for them.
     *
     * @param shapes address of the file of outlines
     */
    public String markup(String shapes) {
        StringBuilder svg = new StringBuilder();
        for (Piece p : pieces) {
            svg.append("<use class=\"piece\" href=\"")
                    .append(shapes)
                    .append('#')
                    .append(form);
            svg.append("\" x=\"").append(p.x()).append("\" y=\"").append(p.y());
            svg.append("\" width=\"")
                    .append(p.width())
                    .append("\" height=\"")
                    .append(p.height())
                    .append("\"/>");
        }
        return svg.toString();
    }
}
