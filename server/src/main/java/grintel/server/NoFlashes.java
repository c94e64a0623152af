package grintel.server;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.DispatcherServlet;
import org.springframework.web.servlet.FlashMap;
import org.springframework.web.servlet.FlashMapManager;

/** Nothing is passed on by redirects here; looking for it would take a session, and so the database, for every request. */
@Component(DispatcherServlet.FLASH_MAP_MANAGER_BEAN_NAME)
class NoFlashes implements FlashMapManager {
    @Override
    public @Nullable FlashMap retrieveAndUpdate(HttpServletRequest request, HttpServletResponse response) {
        return null;
    }

    @Override
    public void saveOutputFlashMap(FlashMap flash, HttpServletRequest request, HttpServletResponse response) {
        throw new IllegalStateException("Nothing is passed on by redirects");
    }
}
