package graykite.studio.model;

import graykite.base.BadInput;
import graykite.delivery.NameTemplate;
import graykite.delivery.Order;
import graykite.delivery.OrderFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The presets of deliveries one can choose from: those that ship and the user's own, each a file that can be shared. */
public final class DeliveryPresets {
    private static final String LAST = "last" + OrderFiles.EXTENSION;

    private final Path folder;
    private final Jobs jobs;

    DeliveryPresets(Settings settings, Jobs jobs) {
        this.folder = settings.deliveryFolder();
        this.jobs = jobs;
    }

    /** All of them, those that ship first. */
    public List<Order> list() {
        List<Order> all = new ArrayList<>(OrderFiles.shipped());
        if (!Files.isDirectory(folder)) {
            return all;
        }
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(f -> f.toString().endsWith(OrderFiles.EXTENSION))
                    .filter(f -> !f.getFileName().toString().equals(LAST))
                    .sorted()
                    .toList()) {
                try {
                    all.add(OrderFiles.open(file));
                } catch (BadInput damaged) {
                    jobs.say(damaged.getMessage());
                }
            }
        } catch (IOException unreadable) {
            jobs.say("Your presets in " + folder + " cannot be read. Check that the folder may be opened.");
        }
        return all;
    }

    /** Keeps an order under a name; one of that name of one's own is replaced. */
    public Optional<Order> save(String name, Order order) {
        String plain = name.strip();
        if (plain.isEmpty() || plain.length() > 60) {
            jobs.say("A preset has a name of up to 60 signs.");
            return Optional.empty();
        }
        if (OrderFiles.shipped(plain).isPresent()) {
            jobs.say("\"" + plain + "\" ships with Gray Kite: choose another name.");
            return Optional.empty();
        }
        return write(order.named(plain), NameTemplate.safe(plain) + OrderFiles.EXTENSION);
    }

    private Optional<Order> write(Order order, String file) {
        try {
            OrderFiles.save(order, folder.resolve(file));
            return Optional.of(order);
        } catch (BadInput full) {
            jobs.say(full.getMessage());
            return Optional.empty();
        }
    }

    /** What was chosen last, in an earlier session. */
    Optional<Order> last() {
        Path file = folder.resolve(LAST);
        try {
            return Files.exists(file) ? Optional.of(OrderFiles.open(file)) : Optional.empty();
        } catch (BadInput damaged) {
            System.getLogger(DeliveryPresets.class.getName())
                    .log(System.Logger.Level.WARNING, "The last delivery is damaged and starts anew", damaged);
            return Optional.empty();
        }
    }

    void remember(Order order) {
        jobs.start(Jobs.Lane.FILES, "Keeping the delivery", progress -> write(order, LAST), kept -> {}, () -> {});
    }
}
