package graykite.studio;

import graykite.session.ProjectLock;
import java.nio.file.Path;

/** Another process that has a project open, until it is killed. */
public final class LockHolder {
    private LockHolder() {}

    public static void main(String[] arguments) throws Exception {
        ProjectLock lock = ProjectLock.take(Path.of(arguments[0]), "Brine").orElseThrow();
        System.out.print("locked");
        System.out.flush();
        Thread.sleep(120_000);
        lock.close();
    }
}
