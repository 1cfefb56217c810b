package graykite.project;

import static graykite.base.Require.requireThat;

import graykite.scene.Stand;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A scene as the project keeps it: lines placed in time on a stage of several people.
 *
 * @param id unique in the project, never shown
 * @param title what people call it
 * @param people who stands where, from left to right; who speaks a block stands there too, named or not
 * @param blocks the lines, in the order of their starts
 */
public record SceneWork(String id, String title, List<Standing> people, List<Block> blocks) {
    /** Latest start of a line, in seconds: ten hours. */
    public static final double LATEST = 36_000;

    /** Seconds between two lines unless one says otherwise. */
    public static final double USUAL_GAP = 0.35;

    private static final int MOST = 5_000;

    /**
     * Somebody on the stage.
     *
     * @param member id of the character
     * @param stand where; nothing for side by side, in order
     */
    public record Standing(String member, Optional<Stand> stand) {
        public Standing {
            requireThat(!member.isBlank(), "Who stands on a stage is a member of the cast.");
        }
    }

    /**
     * A line in the scene.
     *
     * @param line id of the line; who says it is decided there
     * @param start when it begins, in seconds of the scene
     */
    public record Block(String line, double start) {
        public Block {
            requireThat(!line.isBlank(), "A block is that of a line.");
            requireThat(start >= 0 && start <= LATEST, "A line begins between 0 and 36,000 s, not at %.2f s.", start);
        }
    }

    public SceneWork {
        requireThat(!id.isBlank(), "A scene has an id.");
        people = List.copyOf(people);
        blocks =
                blocks.stream().sorted(Comparator.comparingDouble(Block::start)).toList();
        requireThat(people.size() <= 64 && blocks.size() <= MOST, "A scene holds 64 people and %d lines.", MOST);
        requireThat(
                people.stream().map(Standing::member).distinct().count() == people.size(),
                "Nobody stands on a stage twice.");
        requireThat(
                blocks.stream().map(Block::line).distinct().count() == blocks.size(),
                "A line stands in a scene once. Copy the line to have it said again.");
    }

    public static SceneWork empty(String id, String title) {
        return new SceneWork(id, title, List.of(), List.of());
    }

    public SceneWork withTitle(String newTitle) {
        return new SceneWork(id, newTitle, people, blocks);
    }

    public SceneWork withPeople(List<Standing> newPeople) {
        return new SceneWork(id, title, newPeople, blocks);
    }

    public SceneWork withBlocks(List<Block> newBlocks) {
        return new SceneWork(id, title, people, newBlocks);
    }

    public Optional<Block> block(String line) {
        return blocks.stream().filter(b -> b.line().equals(line)).findFirst();
    }

    /** With a line at a time; one that is there already moves there. */
    public SceneWork with(Block block) {
        List<Block> all = new ArrayList<>(blocks);
        all.removeIf(b -> b.line().equals(block.line()));
        all.add(block);
        return withBlocks(all);
    }

    /**
     * With a line moved in time.
     *
     * @param ripple true when all that begin after it move by as much
     */
    public SceneWork moved(String line, double start, boolean ripple) {
        Block own = block(line).orElseThrow(() -> new IllegalArgumentException("That line is not in the scene."));
        double by = start - own.start();
        return withBlocks(blocks.stream()
                .map(b -> {
                    if (b.line().equals(line)) {
                        return new Block(line, start);
                    }
                    boolean follows = ripple && b.start() > own.start();
                    return follows ? new Block(b.line(), Math.clamp(b.start() + by, 0, LATEST)) : b;
                })
                .toList());
    }

    public SceneWork without(String line) {
        return withBlocks(blocks.stream().filter(b -> !b.line().equals(line)).toList());
    }

    /** With somebody on the stage, or standing elsewhere. */
    public SceneWork with(Standing standing) {
        List<Standing> all = new ArrayList<>(people);
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).member().equals(standing.member())) {
                all.set(i, standing);
                return withPeople(all);
            }
        }
        all.add(standing);
        return withPeople(all);
    }

    public SceneWork withoutMember(String member) {
        return withPeople(
                people.stream().filter(p -> !p.member().equals(member)).toList());
    }
}
