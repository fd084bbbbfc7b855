package ripplerest.app.people;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.task.TaskDecorator;

/** What a request goes on with in another thread, such as a file that is sent as it is written. */
@Configuration
class CarriedAlong {
  @Bean
  TaskDecorator asWhoeverAsked() {
    return task -> {
      CurrentPerson.Acting acting = CurrentPerson.acting();
      return () -> {
        CurrentPerson.Stay stay = acting.begin();
        try {
          task.run();
        } finally {
          stay.end();
        }
      };
    };
  }
}
