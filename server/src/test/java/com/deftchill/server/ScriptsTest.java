package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** The scripts stop what is theirs, and nothing that merely has its number. */
@Execution(ExecutionMode.CONCURRENT)
class ScriptsTest {
    private static final Path ROOT = Path.of("").toAbsolutePath().getParent();

    private static String run(String... line) throws IOException, InterruptedException {
        var process = new ProcessBuilder(List.of(line))
                .directory(ROOT.toFile())
                .redirectErrorStream(true)
                .start();
        var said = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        return said + "ended with " + process.exitValue();
    }

    @Test
    void aStalePidFileKillsNobodyElse(@TempDir Path directory) throws IOException, InterruptedException {
        var stranger = new ProcessBuilder("sleep", "600").start();
        try {
            Files.writeString(directory.resolve("mariadb.pid"), Long.toString(stranger.pid()));
            assertThat(run("ops/mariadb.sh", "stop", directory.toString())).isEqualTo("ended with 0");
            assertThat(stranger.isAlive()).isTrue();
            assertThat(directory.resolve("mariadb.pid")).doesNotExist();
        } finally {
            stranger.destroy();
        }
    }

    @Test
    void aServerWhosePidFileWasLostIsStoppedAllTheSame() throws IOException, InterruptedException {
        var outside = Files.createTempDirectory("deftchill-scripts");
        try {
            assertThat(run("ops/mariadb.sh", "start", outside.toString(), "--throwaway"))
                    .endsWith("ended with 0");
            var pid = Long.parseLong(
                    Files.readString(outside.resolve("mariadb.pid")).strip());
            Files.writeString(
                    outside.resolve("mariadb.pid"),
                    Long.toString(ProcessHandle.current().pid()));
            assertThat(run("ops/mariadb.sh", "stop", outside.toString())).isEqualTo("ended with 0");
            assertThat(ProcessHandle.of(pid).filter(ProcessHandle::isAlive)).isEmpty();
        } finally {
            run("ops/mariadb.sh", "stop", outside.toString());
            run("rm", "-rf", outside.toString());
        }
    }

    @Test
    void aServerThatStartsLeavesTheTemporaryTablesOfOthersAlone(@TempDir Path shared)
            throws IOException, InterruptedException {
        var outside = Files.createTempDirectory("deftchill-scripts");
        var others = Files.createFile(shared.resolve("#sql-temptable-1-1-1.MAI"));
        try {
            var start = "TMPDIR=" + shared + " ops/mariadb.sh start " + outside + " --throwaway";
            assertThat(run("bash", "-c", start)).endsWith("ended with 0");
            assertThat(others).exists();
        } finally {
            run("ops/mariadb.sh", "stop", outside.toString());
            run("rm", "-rf", outside.toString());
        }
    }

    /** A pause asked for by a ./restore ends with it, however it ends. */
    @Test
    void aRestoreThatIsKilledHoldsNothing(@TempDir Path copy) throws IOException, InterruptedException {
        var in = "source ops/common.sh; run=" + copy + "; ";
        assertThat(run("bash", "-c", in + "held")).endsWith("ended with 1");
        var restore = new ProcessBuilder(
                        "bash", "-c", in + "exec 7>$run/hold.lock; flock 7; touch $run/hold; echo up; exec sleep 600")
                .directory(ROOT.toFile())
                .start();
        try {
            assertThat(restore.inputReader().readLine()).isEqualTo("up");
            assertThat(run("bash", "-c", in + "held")).endsWith("ended with 0");
        } finally {
            restore.destroyForcibly().waitFor();
        }
        assertThat(run("bash", "-c", in + "held")).endsWith("ended with 1");
        assertThat(copy.resolve("hold")).doesNotExist();
    }

    /** A lock that only a left-over child has is not a running copy. */
    @Test
    void whatAKilledStartLeftBehindIsNoRunningCopy(@TempDir Path copy) throws IOException, InterruptedException {
        var in = "source ops/common.sh; run=" + copy + "; ";
        var start = new ProcessBuilder("bash", "-c", in + "exec 9>$run/instance.lock; flock 9; echo up; exec sleep 600")
                .directory(ROOT.toFile())
                .start();
        try {
            assertThat(start.inputReader().readLine()).isEqualTo("up");
            assertThat(run("bash", "-c", in + "holds_instance " + start.pid())).endsWith("ended with 0");
            assertThat(run(
                            "bash",
                            "-c",
                            in + "holds_instance " + ProcessHandle.current().pid()))
                    .endsWith("ended with 1");
        } finally {
            start.destroyForcibly().waitFor();
        }
        assertThat(run("bash", "-c", in + "holds_instance " + start.pid())).endsWith("ended with 1");
    }

    /** Room is kept while there is plenty, and given up where there is none. */
    @Test
    void roomIsKeptForADiskThatIsFull(@TempDir Path copy) throws IOException, InterruptedException {
        var in = "source ops/common.sh; run=" + copy + "; ballast=$run/ballast; ballast_mb=1; ";
        assertThat(run("bash", "-c", in + "free_mb() { echo 1000; }; keep_ballast"))
                .endsWith("ended with 1");
        assertThat(copy.resolve("ballast")).hasSize(1 << 20);
        assertThat(run("bash", "-c", in + "free_mb() { echo 20; }; keep_ballast"))
                .endsWith("ended with 1");
        assertThat(copy.resolve("ballast")).exists();
        assertThat(run("bash", "-c", in + "free_mb() { echo 0; }; keep_ballast"))
                .endsWith("ended with 0");
        assertThat(copy.resolve("ballast")).doesNotExist();
        assertThat(run("bash", "-c", in + "free_mb() { echo 0; }; keep_ballast"))
                .endsWith("ended with 1");
    }

    @Test
    void aProcessIsOursByItsWordsNotByItsNumber() throws IOException, InterruptedException {
        var mine = new ProcessBuilder("sleep", "600").start();
        try {
            var check = "source ops/common.sh; is_ours " + mine.pid();
            assertThat(run("bash", "-c", check + " 600")).isEqualTo("ended with 0");
            assertThat(run("bash", "-c", check + " 60")).isEqualTo("ended with 1");
            assertThat(run("bash", "-c", "source ops/common.sh; is_ours '' sleep"))
                    .isEqualTo("ended with 1");
        } finally {
            mine.destroy();
        }
    }

    @Test
    void aBackupThatIsNotWholeIsRefused(@TempDir Path directory) throws IOException, InterruptedException {
        var read = "source ops/common.sh; read_backup " + directory + "/";
        var write = "cd " + directory + "; printf 'create table a (b int);\\n-- Dump completed\\n' > dump; "
                + "{ echo \"-- deft-chill-backup 1 sha256=$(sha256sum <dump | cut -d' ' -f1)\"; cat dump; } | gzip -n > whole.gz; "
                + "gzip -dc whole.gz | sed 's/b int/b txt/' | gzip -n > changed.gz; head -c 60 whole.gz > cut.gz; "
                + "gzip -n < dump > other.gz";
        assertThat(run("bash", "-c", write)).isEqualTo("ended with 0");
        assertThat(run("bash", "-c", read + "whole.gz"))
                .startsWith("create table a")
                .endsWith("ended with 0");
        for (var bad : List.of("changed.gz", "cut.gz", "other.gz", "missing.gz")) {
            assertThat(run("bash", "-c", read + bad)).as(bad).isEqualTo("ended with 1");
        }
    }
}
