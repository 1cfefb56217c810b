package graykite.people.face;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.geometry.Vec;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The skin's mesh with its loops round the eyes, on a head that is a plain ball. */
class SkinMeshTest {
    private static final FacePlan PLAN = EyeRimTest.PLAN;
    private static final SkinGrid GRID = new SkinGrid(PLAN);
    private static final List<EyeRim> EYES = List.of(new EyeRim(PLAN, -17, true), new EyeRim(PLAN, -17, false));
    private static final SkinMesh MESH = new SkinMesh(GRID, EYES);

    /** No vertex is left over from the holes, and every one of the lips is where it was. */
    @Test
    void everyVertexBelongsToAFace() {
        Set<Integer> used = MESH.faces().stream()
                .flatMap(face -> Arrays.stream(face).boxed())
                .collect(Collectors.toSet());
        assertEquals(MESH.nodes().size(), used.size());
        for (int spoke = 0; spoke < SkinGrid.SPOKES; spoke++) {
            assertEquals(
                    GRID.nodes().get(GRID.index(SkinGrid.SEAM, spoke)),
                    MESH.nodes().get(MESH.index(SkinGrid.SEAM, spoke)));
        }
        assertThrows(UnsupportedOperationException.class, () -> MESH.faces().clear());
    }

    /** Vertices of the grid that lay at an eye are gone, and nobody gets another one in their place. */
    @Test
    void whatLayAtAnEyeIsGone() {
        int gone = 0;
        for (int ring = 0; ring < SkinGrid.RINGS; ring++) {
            for (int spoke = 0; spoke < SkinGrid.SPOKES; spoke++) {
                Vec at = GRID.nodes().get(GRID.index(ring, spoke)).point();
                if (EYES.stream().anyMatch(eye -> eye.outside(at) < 3)) {
                    int lost = spoke;
                    int from = ring;
                    assertThrows(IllegalArgumentException.class, () -> MESH.index(from, lost));
                    gone++;
                }
            }
        }
        assertTrue(gone > 40, "vertices at both eyes: " + gone);
    }

    /** Outside of the loops faces look outward: the mesh is not folded where grid and loops are sewn together. */
    @Test
    void facesLookOutward() {
        for (int[] face : MESH.faces()) {
            Vec a = MESH.nodes().get(face[0]).point();
            Vec b = MESH.nodes().get(face[1]).point();
            Vec c = MESH.nodes().get(face[2]).point();
            boolean skin = Arrays.stream(face)
                    .allMatch(i -> MESH.nodes().get(i).ring() > SkinGrid.BORDER + 3
                            && EYES.stream()
                                    .allMatch(eye ->
                                            eye.outside(MESH.nodes().get(i).point()) > 0.5));
            Vec out = b.minus(a).cross(c.minus(a));
            if (skin && out.length() > 1e-3) {
                assertTrue(
                        out.unit().dot(a.unit()) > 0.2,
                        "at " + a + ": " + out.unit().dot(a.unit()));
            }
        }
    }
}
