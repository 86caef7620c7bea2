package hodeon.app.kits.photo;

import hodeon.app.photo.SmallPhoto;
import hodeon.core.notice.Fault;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A photo of each kit. */
@Service
@Transactional
public class Photos {

    private final PhotoRepository photos;

    Photos(PhotoRepository photos) {
        this.photos = photos;
    }

    @Transactional(readOnly = true)
    public boolean has(UUID household, UUID kit) {
        return photos.existsByKitIdAndHouseholdId(kit, household);
    }

    @Transactional(readOnly = true)
    Optional<byte[]> of(UUID household, UUID kit) {
        return photos.findByKitIdAndHouseholdId(kit, household)
                .map(p -> Base64.getDecoder().decode(p.jpeg));
    }

    /** @return what is wrong with the file, if anything is; then the photo is what it was */
    Optional<Fault> put(UUID household, UUID kit, byte[] file) {
        List<Fault> why = new ArrayList<>();
        Optional<byte[]> small = SmallPhoto.of(file, why::add);
        if (small.isEmpty()) {
            return why.stream().findFirst();
        }
        PhotoRow row = photos.findByKitIdAndHouseholdId(kit, household).orElseGet(PhotoRow::new);
        row.kitId = kit;
        row.householdId = household;
        row.jpeg = Base64.getEncoder().encodeToString(small.get());
        photos.save(row);
        return Optional.empty();
    }

    void remove(UUID household, UUID kit) {
        photos.findByKitIdAndHouseholdId(kit, household).ifPresent(photos::delete);
    }
}
