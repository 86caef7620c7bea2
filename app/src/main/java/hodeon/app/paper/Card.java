package hodeon.app.paper;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** One card; what stands on it is words already, so that page and PDF show the same. */
public sealed interface Card {

    /** What stands at its head. */
    String title();

    /** Names the template's fragment. */
    String kind();

    /** @param qr the same in plain text as a picture for another phone, a data address */
    record PersonCard(
            String title,
            String who,
            List<String> matters,
            List<String> rescue,
            List<String> regular,
            List<String> call,
            String notes,
            String plain,
            @Nullable String qr)
            implements Card {

        @Override
        public String kind() {
            return "person";
        }
    }

    /**
     * Whose card it is; it stands at the head of every page of it.
     *
     * @param mass with the day it was taken, and what is wrong with it
     */
    record Holder(String name, String age, String mass, String reactsTo, String has, String asOf) {}

    /** Rescue medicine of their own: where it is, how it is used and how often again, and what was directed. */
    record RescueLine(String name, String where, String how, String again, String directed) {}

    /** A product on a dose card; {@code holds} says what is in a mixture. */
    record DoseLine(String name, String holds, String amount, String often, String directed, List<String> heed) {}

    /** What shares an ingredient, under one most for what is shared. */
    record DoseGroup(List<DoseLine> lines, List<String> together) {}

    record DoseCard(
            String title,
            Holder holder,
            List<RescueLine> rescue,
            List<String> everyDay,
            List<DoseGroup> groups,
            List<String> notTogether,
            List<String> notWhen,
            List<String> refused,
            String tooMany)
            implements Card {

        @Override
        public String kind() {
            return "doses";
        }
    }

    /** What lies in one pocket or module. */
    record Pocket(String name, List<String> lines) {}

    record ContentsCard(String title, List<Pocket> pockets, String weight) implements Card {

        @Override
        public String kind() {
            return "contents";
        }
    }

    /** Labels of one size; {@code size} is large, medium or small. */
    record LabelSheet(String title, String size, List<Pocket> labels) implements Card {

        @Override
        public String kind() {
            return "labels";
        }
    }

    /** A step of the first minutes. @param head what catches the eye */
    record Step(String head, String says) {}

    record PromptCard(String title, List<Step> steps, List<String> where, List<String> call) implements Card {

        @Override
        public String kind() {
            return "prompt";
        }
    }

    /**
     * @param whom for whom it is; empty for everybody
     * @param with what the kit has for it and where it lies, or nothing
     */
    record DoLine(String whom, String words, String with) {}

    /** What to do about one problem. @param schools what is followed where schools differ */
    record DoNowCard(String title, String call, List<DoLine> lines, String watch, List<String> schools)
            implements Card {

        @Override
        public String kind() {
            return "donow";
        }
    }

    /** How a supply is used that hurts when it is misused. */
    record Use(String name, List<String> lines, String never) {}

    record HowToCard(String title, List<Use> uses) implements Card {

        @Override
        public String kind() {
            return "howto";
        }
    }

    /** @param times what was pressed on the trail so far, each with its time */
    record IncidentForm(String title, List<String> people, List<String> times) implements Card {

        @Override
        public String kind() {
            return "incident";
        }
    }

    /**
     * The opened box with where the urgent things are.
     *
     * @param urgent the most urgent first
     */
    record OpeningMap(String title, List<MapPart> parts, List<Urgent> urgent) implements Card {

        @Override
        public String kind() {
            return "opening";
        }
    }

    record MapPart(String name, String seconds, boolean outside, Spot spot, List<MapTile> tiles) {}

    record MapTile(String name, boolean urgent, Spot spot) {}

    /** Where something stands, each length with its unit. */
    record Spot(String left, String top, String width, String height) {

        /** For the printer; a page draws it, for no page may carry styles of its own. */
        public String style() {
            return "left:" + left + ";top:" + top + ";width:" + width + ";height:" + height;
        }
    }

    record Urgent(String name, String where, String seconds) {}

    /** What stays with a module: what it holds, and what to do with it. */
    record ModuleCard(String title, List<String> holds, List<ModuleDo> todo) implements Card {

        @Override
        public String kind() {
            return "module";
        }
    }

    /** @param without with no gear, sentence by sentence */
    record ModuleDo(String name, String call, List<DoLine> lines, String watch, List<String> without) {}

    /** Labels, tags and stickers on sheets that the user has. */
    record LabelsOnGrid(String title, List<SheetPage> pages) implements Card {

        @Override
        public String kind() {
            return "sheet";
        }
    }

    record SheetPage(List<Sticker> stickers) {}

    /**
     * @param blanks what is written by hand
     */
    record Sticker(Spot spot, String head, List<String> lines, List<String> blanks) {}

    /** For the wall: which kits there are and where, who may help, whom to call. */
    record HouseSheet(String title, List<Pocket> kits, List<String> helpers, List<String> numbers, String poison)
            implements Card {

        @Override
        public String kind() {
            return "house";
        }
    }

    /** @param helped what helped them before, first @param noted what was written down so far @param blank lines to write on */
    record CareDiary(String title, String who, List<String> helped, List<CareLine> noted, int blank) implements Card {

        @Override
        public String kind() {
            return "care";
        }
    }

    record CareLine(String at, String found, String given, String helped) {}

    record ContactsCard(String title, List<Pocket> people) implements Card {

        @Override
        public String kind() {
            return "contacts";
        }
    }
}
