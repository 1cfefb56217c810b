package graykite.edit;

import graykite.base.BadInput;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.scene.Stand;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Changes of scenes. A scene is named by id, or by its title. */
public sealed interface SceneEdit extends Edit {
    String scene();

    private static Project changed(Project project, String named, UnaryOperator<SceneWork> change) {
        SceneWork before = Find.scene(project, named);
        SceneWork after = change.apply(before);
        return after.equals(before) ? project : project.with(after);
    }

    /** @param scene id of the new scene */
    record AddScene(String scene, String title) implements SceneEdit {
        @Override
        public String inWords() {
            return "Add the scene " + title;
        }

        @Override
        public Project on(Project project) {
            if (project.scene(scene).isPresent()) {
                throw new BadInput("There is a scene of the id \"" + scene + "\" already.");
            }
            return project.with(SceneWork.empty(scene, title));
        }
    }

    record RemoveScene(String scene) implements SceneEdit {
        @Override
        public String inWords() {
            return "Delete the scene";
        }

        @Override
        public Project on(Project project) {
            String id = Find.scene(project, scene).id();
            return project.withScenes(
                    project.scenes().stream().filter(s -> !s.id().equals(id)).toList());
        }
    }

    record NameScene(String scene, String title) implements SceneEdit {
        @Override
        public String inWords() {
            return "Name the scene";
        }

        @Override
        public Project on(Project project) {
            return changed(project, scene, s -> s.withTitle(title));
        }
    }

    /** Puts a line into a scene; one that is there moves. @param start seconds of the scene */
    record PlaceLine(String scene, String line, double start) implements SceneEdit {
        @Override
        public String inWords() {
            return "Place a line in the scene";
        }

        @Override
        public Project on(Project project) {
            String id = Find.line(project, line).id();
            return changed(project, scene, s -> s.with(new SceneWork.Block(id, start)));
        }
    }

    /** Moves a line in time. @param ripple true when all that begin after it move by as much */
    record MoveLine(String scene, String line, double start, boolean ripple) implements SceneEdit {
        @Override
        public String inWords() {
            return "Move a line in the scene";
        }

        @Override
        public Project on(Project project) {
            String id = Find.line(project, line).id();
            return changed(project, scene, s -> s.moved(id, start, ripple));
        }
    }

    record TakeOut(String scene, String line) implements SceneEdit {
        @Override
        public String inWords() {
            return "Take a line out of the scene";
        }

        @Override
        public Project on(Project project) {
            String id = Find.line(project, line).id();
            return changed(project, scene, s -> s.without(id));
        }
    }

    /** Puts somebody on the stage, or elsewhere on it. @param stand nothing for side by side, in order */
    record PutOnStage(String scene, String member, Optional<Stand> stand) implements SceneEdit {
        @Override
        public String inWords() {
            return "Stand on stage";
        }

        @Override
        public Project on(Project project) {
            String id = Find.member(project, member).id();
            return changed(project, scene, s -> s.with(new SceneWork.Standing(id, stand)));
        }
    }

    /** Takes somebody off the stage; who speaks there comes back with their lines. */
    record LeaveStage(String scene, String member) implements SceneEdit {
        @Override
        public String inWords() {
            return "Leave the stage";
        }

        @Override
        public Project on(Project project) {
            String id = Find.member(project, member).id();
            return changed(project, scene, s -> s.withoutMember(id));
        }
    }
}
