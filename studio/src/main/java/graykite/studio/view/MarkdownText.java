package graykite.studio.view;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import org.commonmark.node.BlockQuote;
import org.commonmark.node.BulletList;
import org.commonmark.node.Code;
import org.commonmark.node.Emphasis;
import org.commonmark.node.FencedCodeBlock;
import org.commonmark.node.HardLineBreak;
import org.commonmark.node.Heading;
import org.commonmark.node.Image;
import org.commonmark.node.IndentedCodeBlock;
import org.commonmark.node.Link;
import org.commonmark.node.ListItem;
import org.commonmark.node.Node;
import org.commonmark.node.OrderedList;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.StrongEmphasis;
import org.commonmark.parser.Parser;

/** Markdown as nodes of the window: headings, paragraphs, lists, code and links. Pictures are left out. */
final class MarkdownText {
    private final Predicate<String> isThere;
    private final Consumer<String> follow;
    private final UnaryOperator<String> elsewhere;

    /**
     * @param isThere true for a link's target that can be followed
     * @param follow what a click on such a link does with its target
     * @param elsewhere where the target of another link is found, which is told behind its words
     */
    MarkdownText(Predicate<String> isThere, Consumer<String> follow, UnaryOperator<String> elsewhere) {
        this.isThere = isThere;
        this.follow = follow;
        this.elsewhere = elsewhere;
    }

    /** The blocks of a text, one node each. */
    List<Region> blocks(String markdown) {
        List<Region> blocks = new ArrayList<>();
        add(Parser.builder().build().parse(markdown), blocks);
        return blocks;
    }

    private void add(Node parent, List<Region> blocks) {
        for (Node block = parent.getFirstChild(); block != null; block = block.getNext()) {
            switch (block) {
                case Heading heading -> blocks.add(heading(heading));
                case Paragraph paragraph -> {
                    TextFlow flow = flow(paragraph);
                    if (!flow.getChildren().isEmpty()) {
                        blocks.add(flow);
                    }
                }
                case BulletList list -> items(list, blocks);
                case OrderedList list -> items(list, blocks);
                case FencedCodeBlock code -> blocks.add(code(code.getLiteral()));
                case IndentedCodeBlock code -> blocks.add(code(code.getLiteral()));
                case BlockQuote quote -> add(quote, blocks);
                default -> {
                    // Tables and the like stand on no page of the guide.
                }
            }
        }
    }

    private static Label heading(Heading heading) {
        StringBuilder text = new StringBuilder();
        plain(heading, text);
        Label label = new Label(text.toString());
        label.getStyleClass().add(heading.getLevel() == 1 ? "title" : "heading");
        label.setWrapText(true);
        return label;
    }

    private static void plain(Node parent, StringBuilder text) {
        for (Node part = parent.getFirstChild(); part != null; part = part.getNext()) {
            switch (part) {
                case org.commonmark.node.Text words -> text.append(words.getLiteral());
                case Code code -> text.append(code.getLiteral());
                default -> plain(part, text);
            }
        }
    }

    private void items(Node list, List<Region> blocks) {
        int number = list instanceof OrderedList ordered ? ordered.getMarkerStartNumber() : 0;
        for (Node item = list.getFirstChild(); item != null; item = item.getNext()) {
            if (item instanceof ListItem) {
                List<Region> inside = new ArrayList<>();
                add(item, inside);
                Label mark = new Label(list instanceof OrderedList ? number++ + "." : "–");
                mark.setMinWidth(22);
                VBox content = new VBox(4);
                content.getChildren().addAll(inside);
                HBox.setHgrow(content, Priority.ALWAYS);
                blocks.add(new HBox(mark, content));
            }
        }
    }

    private static Label code(String literal) {
        Label label = new Label(literal.stripTrailing());
        label.getStyleClass().add("guide-code");
        label.setWrapText(true);
        return label;
    }

    private TextFlow flow(Node paragraph) {
        TextFlow flow = new TextFlow();
        flow.setLineSpacing(3);
        inline(paragraph, "guide-text", flow);
        return flow;
    }

    private void inline(Node parent, String style, TextFlow flow) {
        for (Node part = parent.getFirstChild(); part != null; part = part.getNext()) {
            switch (part) {
                case org.commonmark.node.Text words -> text(words.getLiteral(), style, flow);
                case Code code -> text(code.getLiteral(), "guide-code-inline", flow);
                case SoftLineBreak _ -> text(" ", style, flow);
                case HardLineBreak _ -> text("\n", style, flow);
                case StrongEmphasis strong -> inline(strong, "guide-strong", flow);
                case Emphasis emphasis -> {
                    // Our typeface has no slanted letters, and what is slanted in the guide is quoted.
                    text("\u201c", style, flow);
                    inline(emphasis, style, flow);
                    text("\u201d", style, flow);
                }
                case Link link -> link(link, style, flow);
                case Image _ -> {
                    // The window itself is the better picture.
                }
                default -> inline(part, style, flow);
            }
        }
    }

    private void link(Link link, String style, TextFlow flow) {
        if (!isThere.test(link.getDestination())) {
            inline(link, style, flow);
            text(" (" + elsewhere.apply(link.getDestination()) + ")", style, flow);
            return;
        }
        StringBuilder text = new StringBuilder();
        plain(link, text);
        Hyperlink click = new Hyperlink(text.toString());
        click.setOnAction(e -> follow.accept(link.getDestination()));
        flow.getChildren().add(click);
    }

    private static void text(String words, String style, TextFlow flow) {
        Text text = new Text(words);
        text.getStyleClass().add(style);
        flow.getChildren().add(text);
    }
}
