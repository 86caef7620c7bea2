package hodeon.app.shell.style;

import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.dialect.IPostProcessorDialect;
import org.thymeleaf.engine.AbstractTemplateHandler;
import org.thymeleaf.model.ICloseElementTag;
import org.thymeleaf.model.IOpenElementTag;
import org.thymeleaf.model.IProcessableElementTag;
import org.thymeleaf.model.IStandaloneElementTag;
import org.thymeleaf.model.IText;
import org.thymeleaf.postprocessor.IPostProcessor;
import org.thymeleaf.postprocessor.PostProcessor;
import org.thymeleaf.templatemode.TemplateMode;

/**
 * Writes the days and temperatures on every page and paper as the household does: what is read, and what is read aloud. What machines read (values of fields,
 * addresses, scripts) stays in ISO form, and so does what is not to be translated, such as what somebody typed.
 */
@Component
class StyleInPages implements IPostProcessorDialect {

    private static final Set<String> READ_ALOUD = Set.of("aria-label", "title", "alt", "placeholder");
    private static final Set<String> NEVER = Set.of("script", "style", "textarea", "code", "pre", "kbd");

    @Override
    public String getName() {
        return "Days and temperatures in the household’s form";
    }

    @Override
    public int getDialectPostProcessorPrecedence() {
        return 1000;
    }

    @Override
    public Set<IPostProcessor> getPostProcessors() {
        return Set.of(new PostProcessor(TemplateMode.HTML, Handler.class, 1000));
    }

    /** Made anew by Thymeleaf for each page. */
    public static final class Handler extends AbstractTemplateHandler {

        private final HouseStyle style = HouseStyle.here();
        private String untouched = "";
        private int depth;

        @Override
        public void handleOpenElement(IOpenElementTag tag) {
            if (depth > 0) {
                depth += tag.getElementCompleteName().equals(untouched) ? 1 : 0;
            } else if (NEVER.contains(tag.getElementCompleteName())
                    || "no".equals(tag.getAttributeValue("translate"))) {
                untouched = tag.getElementCompleteName();
                depth = 1;
            }
            super.handleOpenElement(depth > 0 ? tag : readAloud(tag));
        }

        @Override
        public void handleStandaloneElement(IStandaloneElementTag tag) {
            super.handleStandaloneElement(depth > 0 ? tag : readAloud(tag));
        }

        @Override
        public void handleCloseElement(ICloseElementTag tag) {
            if (depth > 0 && tag.getElementCompleteName().equals(untouched)) {
                depth--;
            }
            super.handleCloseElement(tag);
        }

        @Override
        public void handleText(IText text) {
            String said = text.getText();
            String written = depth > 0 ? said : style.written(said);
            super.handleText(
                    written.equals(said) ? text : getContext().getModelFactory().createText(written));
        }

        private <T extends IProcessableElementTag> T readAloud(T tag) {
            T said = tag;
            if (style.equals(HouseStyle.METRIC)) {
                return said;
            }
            for (Map.Entry<String, String> attribute : tag.getAttributeMap().entrySet()) {
                String value = attribute.getValue();
                if (READ_ALOUD.contains(attribute.getKey()) && value != null) {
                    String written = style.written(value);
                    if (!written.equals(value)) {
                        said = getContext()
                                .getModelFactory()
                                .replaceAttribute(
                                        said,
                                        tag.getAttribute(attribute.getKey())
                                                .getAttributeDefinition()
                                                .getAttributeName(),
                                        attribute.getKey(),
                                        written);
                    }
                }
            }
            return said;
        }
    }
}
