package graykite.studio.view;

import graykite.studio.model.GuidePages;
import graykite.studio.model.Knot;
import java.util.ArrayDeque;
import java.util.Deque;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Shift+F1: the user guide, opened at the page about the open desk. Links lead from page to page. */
public final class GuideOverlay extends Overlay {
    private final VBox text = new VBox(10);
    private final ScrollPane scroll = new ScrollPane(text);
    private final Button back = new Button("Back");
    private final Button contents = new Button("Contents");
    private final Deque<String> before = new ArrayDeque<>();
    private String page = "";

    /** @param knot whose page is shown first */
    public GuideOverlay(StackPane host, Knot knot) {
        super(host, 640, 600);
        Button close = new Button("Close");
        close.setOnAction(e -> close());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        back.setId("guide-back");
        back.setTooltip(new Tooltip("The page before"));
        back.setOnAction(e -> show(before.pop()));
        contents.setId("guide-contents");
        contents.setTooltip(new Tooltip("All pages of the guide"));
        contents.setOnAction(e -> follow(GuidePages.CONTENTS));
        text.setId("guide-text");
        text.setPadding(new Insets(4, 12, 12, 4));
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(480);
        scroll.setAccessibleText("Page of the guide");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        card().getChildren().addAll(new HBox(8, back, contents, gap, close), scroll);
        show(GuidePages.of(knot));
    }

    private void follow(String next) {
        before.push(page);
        show(next);
    }

    private void show(String next) {
        page = next;
        MarkdownText markdown =
                new MarkdownText(to -> GuidePages.text(to).isPresent(), this::follow, GuidePages::inTheSources);
        text.getChildren().setAll(markdown.blocks(GuidePages.text(next).orElseThrow()));
        scroll.setVvalue(0);
        back.setDisable(before.isEmpty());
        contents.setDisable(next.equals(GuidePages.CONTENTS));
    }
}
