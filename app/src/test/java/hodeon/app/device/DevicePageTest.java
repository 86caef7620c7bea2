package hodeon.app.device;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import java.awt.image.BufferedImage;
import java.io.InputStream;
import java.util.List;
import java.util.Objects;
import javax.imageio.ImageIO;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;

/** The application as a device sees it; nothing of it asks who somebody is. */
class DevicePageTest extends WebTest {

    @Test
    void itCanBeInstalled() throws Exception {
        web.perform(get("/manifest.webmanifest"))
                .andExpect(status().isOk())
                .andExpect(content().contentTypeCompatibleWith("application/manifest+json"))
                .andExpect(jsonPath("$.display").value("standalone"))
                .andExpect(jsonPath("$.start_url").value("/"));
        for (int size : List.of(192, 512)) {
            try (InputStream icon =
                    Objects.requireNonNull(getClass().getResourceAsStream("/static/img/icon-" + size + ".png"))) {
                BufferedImage drawn = ImageIO.read(icon);
                assertThat(drawn.getWidth()).isEqualTo(size);
                assertThat(drawn.getHeight()).isEqualTo(size);
            }
        }
    }

    @Test
    void thePageThatOpensOutOfReachHoldsNothingOfAnybody() throws Exception {
        web.perform(get("/kept")).andExpect(status().isOk()).andExpect(says("The house is out of reach"));
        web.perform(get("/trail-worker.js")).andExpect(status().isOk());
    }

    @Test
    void anOutingIsTakenAlongWithEverythingThatIsReadOnTheWay() throws Exception {
        String trip = trip(mine, "Skerry ring");
        String page = open(mine, trip + "/cards").andReturn().getResponse().getContentAsString();
        for (String kept :
                Jsoup.parse(page).select("[data-pages]").attr("data-pages").split(" ")) {
            int answer = open(mine, kept).andReturn().getResponse().getStatus();
            // A kit that is not saved yet has no page; it is missed, and said to be.
            assertThat(answer).as(kept).isLessThan(kept.endsWith("/kit") ? 500 : 300);
        }
    }
}
