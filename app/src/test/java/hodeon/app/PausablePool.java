package hodeon.app;

import com.zaxxer.hikari.HikariDataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.test.context.TestComponent;

/** Lets a test keep everybody from the database for a moment, tasks of the clock too. */
@TestComponent
class PausablePool implements BeanPostProcessor {

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        if (bean instanceof HikariDataSource pool) {
            pool.setAllowPoolSuspension(true);
        }
        return bean;
    }
}
