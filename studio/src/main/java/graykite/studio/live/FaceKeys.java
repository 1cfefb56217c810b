package graykite.studio.live;

import graykite.live.Input;
import graykite.studio.live.LivePass.State;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;
import javafx.scene.Parent;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * The keyboard as a hand while a face is performed: the arrows play as the pointer does, Page Up and Page Down as the wheel,
 * B as the button. What is held goes to its end softly and comes back when it is let go.
 */
public final class FaceKeys {
    private record Way(Input input, double to) {}

    private static final Map<KeyCode, Way> WAYS = new EnumMap<>(Map.of(
            KeyCode.LEFT, new Way(Input.X, -1),
            KeyCode.RIGHT, new Way(Input.X, 1),
            KeyCode.DOWN, new Way(Input.Y, -1),
            KeyCode.UP, new Way(Input.Y, 1),
            KeyCode.PAGE_DOWN, new Way(Input.WHEEL, -1),
            KeyCode.PAGE_UP, new Way(Input.WHEEL, 1),
            KeyCode.B, new Way(Input.PRESS, 1)));

    private final LivePass live;
    private final Set<KeyCode> held = EnumSet.noneOf(KeyCode.class);

    public FaceKeys(LivePass live) {
        this.live = live;
    }

    /**
     * Takes the keys while somebody performs. Comes before the window's own keys.
     *
     * @param blocked true while something lies above the window that takes all keys
     */
    public void install(Parent root, BooleanSupplier blocked) {
        root.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            boolean plain = !e.isShortcutDown() && !e.isShiftDown() && !e.isAltDown();
            boolean performs = live.state().get() != State.OFF && !blocked.getAsBoolean();
            if (plain && performs && WAYS.containsKey(e.getCode()) && !(e.getTarget() instanceof TextInputControl)) {
                held.add(e.getCode());
                play();
                e.consume();
            }
        });
        root.addEventFilter(KeyEvent.KEY_RELEASED, e -> {
            if (held.remove(e.getCode())) {
                play();
            }
        });
        live.state().addListener((o, before, now) -> {
            if (now == State.OFF) {
                held.clear();
                play();
            }
        });
    }

    /** Both ends at once are the middle. */
    private void play() {
        for (Input input : Input.values()) {
            live.hand()
                    .hold(
                            input,
                            held.stream()
                                    .map(WAYS::get)
                                    .filter(w -> w.input() == input)
                                    .mapToDouble(Way::to)
                                    .sum());
        }
    }
}
