package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What Deft Chill is built of: pinned, whole, not given up by its makers, under a licence that lets it be used, and listed. */
class DependenciesTest {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final Set<String> OF_OURS = Set.of("core", "planner", "instruments", "web", "server");
    /** Licences that ask for no more than to be named, or for their own library's source alone. */
    private static final Pattern FREE = Pattern.compile(
            "(?i).*(apache|mit\\b|bsd|isc|cc0|0bsd|eclipse|epl|edl|lgpl|lesser|unicode|bouncy|broadcom|unlicense|mpl|public domain"
                    + "|ofl|blueoak|mozilla|python|cc-by|zlib|classpath exception|go license|wtfpl|w3c).*");

    private static String listed() throws IOException {
        return Files.readString(ROOT.resolve("docs/licences.md"));
    }

    @Test
    void everyLibraryOfTheServerIsListedWithItsLicence() throws IOException {
        var lines = listed().lines()
                .filter(line -> line.matches("\\| \\S+:\\S+ \\S+ \\| .*"))
                .collect(Collectors.toMap(
                        line -> line.replaceAll("^\\| \\S+:(\\S+) (\\S+) \\|.*", "$1-$2"), line -> line, (a, b) -> a));
        var missing = new ArrayList<String>();
        for (var jar : System.getProperty("java.class.path").split(File.pathSeparator)) {
            var name = Path.of(jar).getFileName().toString().replaceAll("\\.jar$", "");
            boolean ours = OF_OURS.stream().anyMatch(module -> name.matches(module + "-\\d.*|classes|test-classes"));
            if (!ours && jar.endsWith(".jar") && lines.keySet().stream().noneMatch(name::startsWith)) {
                missing.add(name);
            }
        }
        assertThat(missing).as("run ops/licences").isEmpty();
        assertThat(lines.values())
                .allMatch(line -> FREE.matcher(line.split("\\|")[2]).matches());
    }

    private static Stream<JsonNode> packages() throws IOException {
        var lock = JsonMapper.builder().build().readTree(Files.readString(ROOT.resolve("web/package-lock.json")));
        return lock.path("packages").properties().stream()
                .filter(one -> !one.getKey().isEmpty())
                .map(one ->
                        ((ObjectNode) one.getValue()).put("name", one.getKey().replaceAll("^.*node_modules/", "")));
    }

    @Test
    void everyLibraryOfThePagesIsWholeKeptUpFreeAndListed() throws IOException {
        var listed = listed();
        var wrong = new ArrayList<String>();
        packages().forEach(one -> {
            var name = one.path("name").asString() + " " + one.path("version").asString();
            if (!one.path("integrity").asString("").startsWith("sha512-")) {
                wrong.add(name + " has no checksum");
            }
            if (!one.path("dev").asBoolean() && one.has("deprecated")) {
                wrong.add(name + " was given up: " + one.path("deprecated").asString());
            }
            if (!FREE.matcher(one.path("license").asString("")).matches()) {
                wrong.add(name + " is under " + one.path("license").asString(""));
            }
            if (!listed.contains("| " + name + " |")) {
                wrong.add(name + " is not listed: run ops/licences");
            }
        });
        assertThat(wrong).isEmpty();
    }

    @Test
    void everyVersionIsPinned() throws IOException {
        var direct = JsonMapper.builder().build().readTree(Files.readString(ROOT.resolve("web/package.json")));
        for (var kind : List.of("dependencies", "devDependencies")) {
            direct.path(kind)
                    .properties()
                    .forEach(one -> assertThat(one.getValue().asString())
                            .as(one.getKey())
                            .matches("\\d+\\.\\d+\\.\\d+.*"));
        }
        for (var module : Stream.concat(Stream.of("."), OF_OURS.stream()).toList()) {
            var pom = Files.readString(ROOT.resolve(module).resolve("pom.xml"));
            assertThat(pom).as(module).doesNotContain("LATEST", "RELEASE</version>", "<version>[");
        }
    }

    /** What the security table names as its test is there. */
    @Test
    void everyTestThatTheSecurityTableNamesIsThere() throws IOException {
        var names = Pattern.compile("`(\\w+Test)(?:#(\\w+))?`")
                .matcher(Files.readString(ROOT.resolve("docs/security.md")))
                .results()
                .toList();
        assertThat(names).hasSizeGreaterThan(20);
        for (var name : names) {
            try (var files = Files.walk(ROOT, 12)) {
                var file = files.filter(path -> path.endsWith(name.group(1) + ".java"))
                        .filter(path -> !path.toString().contains("/target/"))
                        .findFirst();
                assertThat(file).as(name.group(1)).isPresent();
                if (name.group(2) != null) {
                    assertThat(Files.readString(file.get())).contains("void " + name.group(2) + "(");
                }
            }
        }
    }
}
