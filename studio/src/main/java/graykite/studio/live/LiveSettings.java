package graykite.studio.live;

import graykite.studio.model.Settings;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;

/** How live passes are recorded; remembered. */
public final class LiveSettings {
    private final Settings settings;
    private final BooleanProperty adds = new SimpleBooleanProperty();
    private final BooleanProperty countIn = new SimpleBooleanProperty();
    private final DoubleProperty smooth = new SimpleDoubleProperty();
    private final DoubleProperty thin = new SimpleDoubleProperty();
    private final DoubleProperty mouth = new SimpleDoubleProperty();

    LiveSettings(Settings settings) {
        this.settings = settings;
        flag(adds, "live.adds");
        flag(countIn, "live.countIn");
        share(smooth, "live.smooth", 0.3);
        share(thin, "live.thin", 0.01);
        share(mouth, "live.mouth", 0);
    }

    private void flag(BooleanProperty property, String key) {
        property.set(settings.flag(key));
        property.addListener((o, b, now) -> settings.setFlag(key, now));
    }

    private void share(DoubleProperty property, String key, double usual) {
        String kept = settings.text(key, Double.toString(usual));
        property.set(kept.matches("\\d(\\.\\d+)?") ? Math.min(1, Double.parseDouble(kept)) : usual);
        property.addListener((o, b, now) ->
                settings.setText(key, Double.toString(Math.round(1000 * now.doubleValue()) / 1000.0)));
    }

    /** True when what is performed is added to what is there, false when it takes its place. */
    public BooleanProperty adds() {
        return adds;
    }

    /** True when three beats come before a recording. */
    public BooleanProperty countIn() {
        return countIn;
    }

    /** How much trembling is taken out, 0 to 1. */
    public DoubleProperty smooth() {
        return smooth;
    }

    /** The error that keys may have, as a share of what a control can do; 0 keeps every sample. */
    public DoubleProperty thin() {
        return thin;
    }

    /** How much of a captured mouth lies over speech, 0 to 1. */
    public DoubleProperty mouth() {
        return mouth;
    }
}
