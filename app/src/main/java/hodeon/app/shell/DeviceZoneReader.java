package hodeon.app.shell;

import hodeon.app.shell.style.HouseStyle;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.util.WebUtils;

/** Reads the zone that {@code house.js} keeps in a cookie. */
@Component
class DeviceZoneReader implements HandlerMethodArgumentResolver, WebMvcConfigurer {

    private static final String COOKIE = "zone";

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == DeviceZone.class;
    }

    @Override
    public DeviceZone resolveArgument(
            MethodParameter parameter,
            @Nullable ModelAndViewContainer container,
            NativeWebRequest request,
            @Nullable WebDataBinderFactory binders) {
        return Optional.ofNullable(request.getNativeRequest(HttpServletRequest.class))
                .flatMap(r -> Optional.ofNullable(WebUtils.getCookie(r, COOKIE)))
                .map(Cookie::getValue)
                .map(value -> value.replace("%2F", "/"))
                .flatMap(DeviceZone::named)
                .map(DeviceZone::new)
                .orElseGet(() -> new DeviceZone(HouseStyle.here().zoneHere()));
    }
}
