package nimblefurrow.server.farm;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.server.support.InputProblem;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Any request of a farm may say which season it looks at, {@code ?season=2025}, and of one field
 * which of its covers, {@code ?link=} and its id, or {@code new}.
 */
@Configuration
class LookingAtSeason implements WebMvcConfigurer, HandlerInterceptor {
  static final String NAME = "season";
  static final String LINK = "link";

  private final Looking looking;

  LookingAtSeason(Looking looking) {
    this.looking = looking;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this).addPathPatterns("/api/farms/**");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    looking.set(year(request.getParameter(NAME)));
    looking.setLink(request.getParameter(LINK));
    return true;
  }

  private static @Nullable Integer year(@Nullable String said) {
    if (said == null || said.isEmpty()) {
      return null;
    }
    if (said.length() != 4 || !said.chars().allMatch(c -> c >= '0' && c <= '9')) {
      throw new InputProblem(NAME, "A season is called by its year, such as 2026.");
    }
    int year = Integer.parseInt(said);
    if (!SeasonDates.known(year)) {
      throw new InputProblem(NAME, "The season " + year + " is not a year to plan.");
    }
    return year;
  }

  @Override
  public void afterCompletion(
      HttpServletRequest request,
      HttpServletResponse response,
      Object handler,
      @Nullable Exception trouble) {
    looking.set(null);
    looking.setLink(null);
  }
}
