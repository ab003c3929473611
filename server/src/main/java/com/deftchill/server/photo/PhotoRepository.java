package com.deftchill.server.photo;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Photos. */
interface PhotoRepository extends JpaRepository<PhotoEntity, UUID> {
    List<PhotoEntity> findByBatchIdOrderByCreatedAt(UUID batchId);

    long countByBatchId(UUID batchId);

    /** Which photo is of which batch. */
    record OfBatch(UUID batchId, UUID id) {}

    @Query("""
            select new com.deftchill.server.photo.PhotoRepository$OfBatch(p.batchId, p.id)
            from PhotoEntity p where p.batchId in :batchIds order by p.createdAt
            """)
    List<OfBatch> ofBatches(Collection<UUID> batchIds);

    @Modifying
    @Query(nativeQuery = true, value = "insert into photo_bytes (photo_id, small, bytes) values (:id, :small, :bytes)")
    void keep(UUID id, boolean small, byte[] bytes);

    @Query(nativeQuery = true, value = "select bytes from photo_bytes where photo_id = :id and small = :small")
    byte[] bytes(UUID id, boolean small);
}
