package com.deftchill.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.server.support.Api;
import com.deftchill.server.support.Asking;
import com.deftchill.server.support.Newcomer;
import com.deftchill.server.support.RunningServer.Server;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A kitchen out as one archive, and in again. */
@Asking
class ArchiveApiTest {
    private static final String ARCHIVE = "/api/kitchen/archive.zip";
    private static final String ZIP = "application/zip";
    private static final String UUIDS = "[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}";

    private Server server;
    private Api head;

    @BeforeEach
    void connect(Server running) {
        server = running;
        head = new Api(running);
    }

    /** A kitchen of its own in the same installation: every id is somebody else's there. */
    private Api elsewhere() {
        var api = head.as(Newcomer.invited(server, "GUEST").session());
        assertThat(api.post("/api/account/kitchens", "{\"name\":\"Across the street\"}")
                        .status())
                .isEqualTo(201);
        return api;
    }

    private static Map<String, byte[]> files(byte[] zip) throws IOException {
        var files = new TreeMap<String, byte[]>();
        try (var in = new ZipInputStream(new ByteArrayInputStream(zip))) {
            for (var entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                files.put(entry.getName(), in.readAllBytes());
            }
        }
        return files;
    }

    private static byte[] zip(Map<String, byte[]> files) throws IOException {
        var out = new ByteArrayOutputStream();
        try (var zip = new ZipOutputStream(out)) {
            for (var file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
            }
        }
        return out.toByteArray();
    }

    /** Every file with its content, whatever its ids are; photos to the byte. */
    private static List<String> contents(Map<String, byte[]> files) {
        var contents = new ArrayList<String>();
        files.forEach((name, bytes) -> {
            if (!name.equals("kitchen.json") && !name.equals("in-use.json")) {
                contents.add(name.replaceAll(UUIDS, "#") + "\n"
                        + new String(bytes, StandardCharsets.ISO_8859_1).replaceAll(UUIDS, "#"));
            }
        });
        contents.sort(null);
        return contents;
    }

    @Test
    void aKitchenGoesOutAndComesInElsewhereAsItWas() throws IOException {
        var archive = head.getBytes(ARCHIVE);
        var files = files(archive);
        assertThat(files.keySet())
                .contains("read me.txt", "kitchen.json", "larder.json", "numbers.json")
                .anyMatch(name -> name.startsWith("formulas/") && name.endsWith(".about.json"))
                .anyMatch(name -> name.startsWith("log/"))
                .anyMatch(name -> name.startsWith("plans/"))
                .anyMatch(name -> name.startsWith("photos/") && name.endsWith(".jpg"));
        var other = elsewhere();
        var taken = other.postBytes(ARCHIVE, archive, ZIP);
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        assertThat(taken.json().at("/notes")).as(taken.text()).isEmpty();
        for (var kind : taken.json().at("/cameIn")) {
            assertThat(kind.at("/leftOut").asInt()).as(kind.toString()).isZero();
        }
        var out = contents(files);
        var again = contents(files(other.getBytes(ARCHIVE)));
        assertThat(again).hasSameSizeAs(out);
        for (int i = 0; i < out.size(); i++) {
            assertThat(again.get(i)).isEqualTo(out.get(i));
        }

        // Whatever links to another has found it: the log lists its batches by the names of their formulas.
        var line = other.get("/api/log").json().at("/lines/0");
        assertThat(other.get("/api/formulas/" + line.at("/formulaId").asString())
                        .status())
                .isEqualTo(200);
        assertThat(other.get("/api/log/batches/" + line.at("/id").asString()).status())
                .isEqualTo(200);

        // Taken in twice it is there once.
        for (var kind : other.postBytes(ARCHIVE, archive, ZIP).json().at("/cameIn")) {
            assertThat(kind.at("/added").asInt()).as(kind.toString()).isZero();
        }
    }

    @Test
    void whatWasDeletedComesBackUnderItsOwnIdAndWhatIsThereStays() throws IOException {
        var api = elsewhere();
        var kept = api.post("/api/formulas", Api.demo("pear-bay").toString()).json();
        var gone =
                api.post("/api/formulas", Api.demo("chestnut-rum").toString()).json();
        var archive = api.getBytes(ARCHIVE);
        var id = gone.at("/id").asString();
        assertThat(api.delete("/api/formulas/" + id + "?version=0").status()).isEqualTo(200);
        var changed = Api.json().put("version", 0);
        changed.set("document", Api.demo("pear-bay").put("name", "Changed since"));
        var pear = "/api/formulas/" + kept.at("/id").asString();
        assertThat(api.put(pear, changed.toString()).status()).isEqualTo(200);

        var taken = api.postBytes(ARCHIVE, archive, ZIP);
        assertThat(taken.text()).contains("{\"what\":\"formulas\",\"added\":1,\"there\":1,\"leftOut\":0}");
        assertThat(api.get("/api/formulas/" + id).json().at("/document")).isEqualTo(gone.at("/document"));
        assertThat(api.get(pear).json().at("/document/name").asString()).isEqualTo("Changed since");
        // A formula of the archive is a formula file as well.
        var file = files(archive).entrySet().stream()
                .filter(entry ->
                        entry.getKey().startsWith("formulas/") && entry.getKey().endsWith(id + ".json"))
                .findFirst()
                .orElseThrow();
        assertThat(api.post("/api/imports", new String(file.getValue(), StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(201);
    }

    @Test
    void whatIsNoArchiveIsRefusedByNameAndNothingOfItIsStored() throws IOException {
        var api = elsewhere();
        assertThat(api.postBytes(ARCHIVE, "no zip at all".getBytes(StandardCharsets.UTF_8), ZIP)
                        .text())
                .contains("must be an archive of a kitchen");
        api.post("/api/formulas", Api.demo("pear-bay").toString());
        api.post("/api/formulas", Api.demo("chestnut-rum").toString());
        var files = files(api.getBytes(ARCHIVE));
        var fresh = elsewhere();

        var newer = new TreeMap<>(files);
        newer.put(
                "kitchen.json", "{\"format\":\"deft-chill-archive\",\"version\":99}".getBytes(StandardCharsets.UTF_8));
        assertThat(fresh.postBytes(ARCHIVE, zip(newer), ZIP).text()).contains("newer Deft Chill");

        var broken = new TreeMap<>(files);
        var name = files.keySet().stream()
                .filter(n -> n.startsWith("formulas/") && !n.endsWith(".about.json"))
                .findFirst()
                .orElseThrow();
        broken.put(name, "{\"schema\":5,\"name\":[]}".getBytes(StandardCharsets.UTF_8));
        var refused = fresh.postBytes(ARCHIVE, zip(broken), ZIP);
        assertThat(refused.status()).as(refused.text()).isEqualTo(422);
        assertThat(refused.json().at("/problems/0/field").asString()).isEqualTo(name.replace(".json", ".about.json"));

        var missing = new TreeMap<>(files);
        missing.remove(name);
        assertThat(fresh.postBytes(ARCHIVE, zip(missing), ZIP).text()).contains("is not in the archive");
        assertThat(fresh.get("/api/formulas").json().at("/total").asInt()).isZero();
    }
}
