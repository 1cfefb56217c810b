package graykite.layer;

import graykite.rig.Channel;
import java.util.Set;

/**
 * Where a layer may act: in some regions of the face, on some channels, or everywhere when nothing is named.
 *
 * @param channels names
 */
public record Mask(Set<Channel.Group> regions, Set<String> channels) {
    public static final Mask EVERYTHING = new Mask(Set.of(), Set.of());

    public Mask {
        regions = Set.copyOf(regions);
        channels = Set.copyOf(channels);
    }

    public boolean allows(Channel channel) {
        return regions.isEmpty() && channels.isEmpty()
                || regions.contains(channel.group())
                || channels.contains(channel.name());
    }
}
