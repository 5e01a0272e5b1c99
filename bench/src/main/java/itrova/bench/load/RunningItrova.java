package itrova.bench.load;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Server and data base as ./itrova started them, to be killed outright and started again. */
record RunningItrova(String address, Path project) {
    /** Files with the numbers of the processes. */
    static final String SERVER = "server.pid";

    static final String DATA_BASE = "db.pid";

    void killAndStart(String victim) throws IOException, InterruptedException {
        String number =
                Files.readString(project.resolve(".itrova").resolve(victim)).split(" ")[0];
        new ProcessBuilder("kill", "-9", number).start().waitFor();
        ProcessBuilder start = new ProcessBuilder(project.resolve("itrova").toString(), "start");
        start.environment().put("ITROVA_PORT", address.substring(address.lastIndexOf(':') + 1));
        int exit = start.redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start()
                .waitFor();
        if (exit != 0) {
            throw new IllegalStateException("./itrova start ended with " + exit);
        }
    }
}
