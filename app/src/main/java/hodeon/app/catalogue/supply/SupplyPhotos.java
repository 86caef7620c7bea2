package hodeon.app.catalogue.supply;

import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.catalogue.OwnKey;
import hodeon.app.photo.SmallPhoto;
import hodeon.app.shell.NotHere;
import hodeon.core.notice.Fault;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What things look like, so that whoever fetches one knows it. */
@Service
@Transactional
public class SupplyPhotos {

    private final SupplyPhotoRepository photos;
    private final OwnCatalogue catalogues;

    SupplyPhotos(SupplyPhotoRepository photos, OwnCatalogue catalogues) {
        this.photos = photos;
        this.catalogues = catalogues;
    }

    @Transactional(readOnly = true)
    public boolean has(UUID household, String supply) {
        return photos.existsById(new OwnKey(household, supply));
    }

    @Transactional(readOnly = true)
    Optional<byte[]> of(UUID household, String supply) {
        return photos.findById(new OwnKey(household, supply))
                .map(p -> Base64.getDecoder().decode(p.jpeg));
    }

    /**
     * What is wrong with the file, if anything is; then the photo is what it was.
     *
     * @throws NotHere for an id that is no supply
     */
    Optional<Fault> put(UUID household, String supply, byte[] file) {
        if (catalogues.of(household).catalogue().supply(supply).isEmpty()) {
            throw new NotHere("supply " + supply);
        }
        List<Fault> why = new ArrayList<>();
        Optional<byte[]> small = SmallPhoto.of(file, why::add);
        small.ifPresent(jpeg -> photos.save(
                new SupplyPhotoRow(household, supply, Base64.getEncoder().encodeToString(jpeg))));
        return why.stream().findFirst();
    }

    void remove(UUID household, String supply) {
        photos.deleteById(new OwnKey(household, supply));
    }
}
