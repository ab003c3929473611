package com.deftchill.server.photo;

import com.deftchill.core.text.Argument;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.DeftChillSettings;
import com.deftchill.server.problem.NotFoundException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Keeps photos. A file goes to the disk as it arrives; two are decoded at once, so that eight need no more memory than two. */
@Service
public class PhotoService {
    private static final int MOST_OF_A_BATCH = 40;
    private static final int AT_ONCE = 2;
    private static final int BUFFER = 64 * 1024;

    private final PhotoRepository photos;
    private final TransactionTemplate transactions;
    private final Clock clock;
    private final long mostBytes;
    private final Semaphore decoding = new Semaphore(AT_ONCE, true);

    PhotoService(PhotoRepository photos, TransactionTemplate transactions, Clock clock, DeftChillSettings settings) {
        this.photos = photos;
        this.transactions = transactions;
        this.clock = clock;
        mostBytes = settings.maxPhoto().toBytes();
    }

    @Transactional(readOnly = true)
    public List<PhotoView> of(UUID batchId) {
        return photos.findByBatchIdOrderByCreatedAt(batchId).stream()
                .map(PhotoEntity::view)
                .toList();
    }

    /**
     * Keeps a photo; sent twice with one id it is there once.
     *
     * @param in the file
     */
    public PhotoView keep(UUID id, UUID batchId, String by, String caption, InputStream in) throws IOException {
        var there = photos.findById(id);
        if (there.isPresent()) {
            return there.get().view();
        }
        var file = Files.createTempFile("deft-chill-photo", ".bin");
        try {
            write(in, file);
            var picture = decoded(file);
            return transactions.execute(status -> {
                if (photos.countByBatchId(batchId) >= MOST_OF_A_BATCH) {
                    throw Picture.refused(Problem.rule("photo.many").with("most", Argument.figure(MOST_OF_A_BATCH, 0)));
                }
                var photo =
                        new PhotoEntity(id, batchId, by, caption, picture.width(), picture.height(), clock.instant());
                photos.saveAndFlush(photo);
                photos.keep(id, false, picture.large());
                photos.keep(id, true, picture.small());
                return photo.view();
            });
        } catch (DataIntegrityViolationException e) {
            // Of no batch, or kept by another request at the same moment.
            return photos.findById(id)
                    .map(PhotoEntity::view)
                    .orElseThrow(() -> new NotFoundException("Batch", batchId));
        } finally {
            Files.deleteIfExists(file);
        }
    }

    /**
     * A photo of an archive.
     *
     * @param large the file as it was, where it is such as is kept here; else made so
     */
    public record Taken(byte[] large, byte[] small, int width, int height) {}

    /** Looks at a photo of an archive as at any other that arrives. */
    public Taken taken(byte[] bytes) throws IOException {
        var file = Files.createTempFile("deft-chill-photo", ".bin");
        try {
            write(new ByteArrayInputStream(bytes), file);
            var picture = decoded(file);
            var large = Picture.isAsKept(bytes, picture) ? bytes : picture.large();
            return new Taken(large, picture.small(), picture.width(), picture.height());
        } finally {
            Files.deleteIfExists(file);
        }
    }

    private void write(InputStream in, Path file) throws IOException {
        try (var out = Files.newOutputStream(file)) {
            var buffer = new byte[BUFFER];
            long written = 0;
            for (int read = in.read(buffer); read >= 0; read = in.read(buffer)) {
                written += read;
                if (written > mostBytes) {
                    throw Picture.refused(
                            Problem.rule("photo.bytes").with("most", Argument.figure(mostBytes / (1024.0 * 1024), 0)));
                }
                out.write(buffer, 0, read);
            }
        }
    }

    private Picture decoded(Path file) throws IOException {
        decoding.acquireUninterruptibly();
        try {
            return Picture.of(file);
        } finally {
            decoding.release();
        }
    }

    @Transactional(readOnly = true)
    byte[] bytes(UUID id, boolean small) {
        // The bytes are nobody's by themselves: whose photo it is says the entity.
        var bytes = photos.existsById(id) ? photos.bytes(id, small) : null;
        if (bytes == null) {
            throw new NotFoundException("Photo", id);
        }
        return bytes;
    }

    @Transactional
    void remove(UUID id) {
        photos.delete(photos.findById(id).orElseThrow(() -> new NotFoundException("Photo", id)));
    }
}
