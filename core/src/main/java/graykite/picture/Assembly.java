package graykite.picture;

import static graykite.base.Require.requireThat;

import java.util.Arrays;
import java.util.List;

/** What stays of several surfaces while they move: which corners make which triangle of whom, and what they are made of. */
final class Assembly {
    static final int MOST_SURFACES = 1023;

    final int vertexCount;
    final int triangleCount;
    /** Vertices of all triangles, three each, counted over all surfaces. */
    final int[] corners;

    final Finish[] finishes;
    /** A texture for each surface, null without one, and which surfaces have holes in it. */
    final Texture[] textures;

    final boolean[] holes;
    final boolean[] litAtVertices;
    final int[] firstVertex;
    final float[][] uv;
    final short[] surfaceOf;
    final short[] surfaceOfVertex;
    private final Material[] materials;
    private final int[][] triangles;

    Assembly(List<Surface> surfaces) {
        requireThat(surfaces.size() <= MOST_SURFACES, "A picture holds up to %d surfaces.", MOST_SURFACES);
        vertexCount = surfaces.stream().mapToInt(Surface::vertexCount).sum();
        triangleCount = surfaces.stream().mapToInt(Surface::triangleCount).sum();
        requireThat(triangleCount <= Projection.TAG_MASK, "A picture holds up to %d triangles.", Projection.TAG_MASK);
        corners = new int[3 * triangleCount];
        triangles = new int[surfaces.size()][];
        materials = new Material[surfaces.size()];
        finishes = new Finish[surfaces.size()];
        textures = new Texture[surfaces.size()];
        holes = new boolean[surfaces.size()];
        litAtVertices = new boolean[surfaces.size()];
        firstVertex = new int[surfaces.size()];
        uv = new float[surfaces.size()][];
        surfaceOf = new short[triangleCount];
        surfaceOfVertex = new short[vertexCount];
        int vertex = 0;
        int triangle = 0;
        for (int s = 0; s < surfaces.size(); s++) {
            Surface surface = surfaces.get(s);
            materials[s] = surface.material();
            finishes[s] = Finish.of(materials[s]);
            firstVertex[s] = vertex;
            litAtVertices[s] = surface.texture().isEmpty() && finishes[s].litAtVertices();
            uv[s] = surface.uv();
            if (surface.texture().isPresent()) {
                textures[s] = surface.texture().get();
                holes[s] = textures[s].hasHoles();
            }
            int[] t = surface.triangles();
            triangles[s] = t;
            for (int i = 0; i < t.length; i++) {
                corners[3 * triangle + i] = t[i] + vertex;
            }
            Arrays.fill(surfaceOf, triangle, triangle + t.length / 3, (short) s);
            Arrays.fill(surfaceOfVertex, vertex, vertex + surface.vertexCount(), (short) s);
            vertex += surface.vertexCount();
            triangle += t.length / 3;
        }
    }

    /** True when these are the same surfaces, wherever they have moved. */
    boolean isOf(List<Surface> others) {
        boolean same = others.size() == triangles.length;
        for (int s = 0; same && s < triangles.length; s++) {
            Surface other = others.get(s);
            int after = s + 1 < triangles.length ? firstVertex[s + 1] : vertexCount;
            same = other.triangles() == triangles[s]
                    && other.uv() == uv[s]
                    && other.vertexCount() == after - firstVertex[s]
                    && other.material().equals(materials[s])
                    && other.texture().orElse(null) == textures[s];
        }
        return same;
    }
}
