package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.acting.Instincts;
import graykite.acting.Instincts.Figures;
import graykite.acting.Instincts.Kind;
import graykite.acting.InstinctsPlan;
import graykite.layer.LayerSetting;
import java.util.Locale;

/** Instincts as JSON, and back; only what differs from what everybody does is written. */
final class InstinctsJson {
    private InstinctsJson() {}

    static void write(InstinctsPlan plan, ObjectNode json) {
        json.put("seed", plan.seed());
        Instincts usual = Instincts.of(plan.seed());
        if (plan.instincts().equals(usual)) {
            return;
        }
        ObjectNode all = json.putObject("instincts");
        for (Kind kind : Kind.values()) {
            Figures own = plan.instincts().of(kind);
            if (!own.equals(usual.of(kind))) {
                ObjectNode node = all.putObject(kind.name().toLowerCase(Locale.ROOT));
                node.put("seed", own.seed()).put("amount", own.amount()).put("locked", own.locked());
            }
        }
    }

    static InstinctsPlan read(LayerSetting setting, JsonNode json) {
        long seed = json.path("seed").asLong(1);
        Instincts all = Instincts.of(seed);
        for (Kind kind : Kind.values()) {
            JsonNode own = json.path("instincts").path(kind.name().toLowerCase(Locale.ROOT));
            if (own.isObject()) {
                all = all.with(
                        kind,
                        new Figures(
                                own.path("seed").asLong(seed),
                                own.path("amount").asDouble(1),
                                own.path("locked").asBoolean(false)));
            }
        }
        return new InstinctsPlan(setting, seed, all);
    }
}
