package itrova.server.security;

import itrova.server.store.PeopleStore;
import itrova.server.store.Role;
import itrova.server.store.WriteOnceStore;
import jakarta.servlet.Filter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.CsrfConfigurer;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.servlet.FlashMap;
import org.springframework.web.servlet.FlashMapManager;

/** Who may call what, and through which filters. */
@Configuration
class SecurityConfiguration {
    private static final String CONTENT_POLICY =
            "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; "
                    + "font-src 'self'; connect-src 'self'; frame-ancestors 'none'; base-uri 'self'; form-action 'self'";

    /** The catalogue, the tables and limits verdicts rest on, and the people are the lead's to change. */
    private static final String[] LEADS = {
        "/api/kits/**",
        "/api/wheels/**",
        "/api/parts/import",
        "/api/sheets/**",
        "/api/price-lists/**",
        "/api/families/**",
        "/api/instruments/**",
        "/api/limits/**",
        "/api/work-terms/**",
        "/api/people/**",
        "/api/shop/**",
        "/api/suppliers/**",
        "/api/axles/*/order/signature",
        "/api/axles/*/order/release"
    };

    @Bean
    @Order(1)
    SecurityFilterChain api(
            HttpSecurity http,
            SecurityContextRepository contexts,
            @Value("${itrova.describe-only:false}") boolean open) {
        String lead = Role.LEAD.name();
        String mechanic = Role.MECHANIC.name();
        return http.securityMatcher("/api/**")
                .csrf(CsrfConfigurer::spa)
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .securityContext(c -> c.securityContextRepository(contexts))
                .exceptionHandling(
                        e -> e.authenticationEntryPoint(
                                        (request, response, fault) -> ProblemWriter.write(
                                                response,
                                                HttpStatus.UNAUTHORIZED,
                                                "Not signed in",
                                                "You are not signed in any more. Sign in again; nothing typed is lost until you leave this page."))
                                .accessDeniedHandler(
                                        (request, response, fault) -> ProblemWriter.write(
                                                response,
                                                HttpStatus.FORBIDDEN,
                                                "Not allowed",
                                                "Your role may not do this, or the page is older than your sign-in. Load the page anew, or ask the lead.")))
                .headers(h -> h.contentSecurityPolicy(c -> c.policyDirectives(CONTENT_POLICY)))
                .authorizeHttpRequests(a -> {
                    if (open) {
                        a.requestMatchers("/api/openapi").permitAll();
                    }
                    a.requestMatchers("/api/session", "/api/health", "/api/setup")
                            .permitAll()
                            .requestMatchers("/api/session/**", "/api/sessions/**")
                            .authenticated()
                            .requestMatchers(HttpMethod.POST, Looking.POSTS)
                            .authenticated()
                            .requestMatchers(HttpMethod.DELETE, "/api/axles/*/search/*")
                            .authenticated()
                            .requestMatchers("/api/axles/*/liked/*")
                            .authenticated()
                            .requestMatchers("/api/people/**", "/api/log/**")
                            .hasRole(lead)
                            .requestMatchers(HttpMethod.GET, "/api/**")
                            .authenticated()
                            .requestMatchers(LEADS)
                            .hasRole(lead)
                            .anyRequest()
                            .hasAnyRole(lead, mechanic);
                })
                .build();
    }

    /** Pages and their parts are the same for everybody: no session is looked up for them. */
    @Bean
    @Order(2)
    SecurityFilterChain pages(HttpSecurity http) {
        return http.csrf(AbstractHttpConfigurer::disable)
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .securityContext(AbstractHttpConfigurer::disable)
                .sessionManagement(AbstractHttpConfigurer::disable)
                .anonymous(AbstractHttpConfigurer::disable) // it would look for a session to note beside nobody's name
                .headers(h -> h.contentSecurityPolicy(c -> c.policyDirectives(CONTENT_POLICY))
                        .cacheControl(c -> c.disable()))
                .build();
    }

    /** Nothing is handed from a page to the next through the session: it would be looked up for every request. */
    @Bean
    FlashMapManager flashMapManager() {
        return new FlashMapManager() {
            @Override
            public @Nullable FlashMap retrieveAndUpdate(HttpServletRequest request, HttpServletResponse response) {
                return null;
            }

            @Override
            public void saveOutputFlashMap(FlashMap map, HttpServletRequest request, HttpServletResponse response) {
                throw new UnsupportedOperationException("Nothing is handed on through the session");
            }
        };
    }

    @Bean
    SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    PasswordEncoder passwordEncoder(@Value("${itrova.password-rounds:10}") int rounds) {
        return new BCryptPasswordEncoder(rounds);
    }

    @Bean
    UserDetailsService userDetails(PeopleStore people) {
        return login -> people.findSignIn(login)
                .map(s -> User.withUsername(s.login())
                        .password(s.passwordHash())
                        .roles(s.role().name())
                        .build())
                .orElseThrow(() -> new UsernameNotFoundException("Nobody signs in as “" + login + "”."));
    }

    @Bean
    AuthenticationManager authenticationManager(UserDetailsService users, PasswordEncoder encoder) {
        DaoAuthenticationProvider provider = new DaoAuthenticationProvider(users);
        provider.setPasswordEncoder(encoder);
        return new ProviderManager(provider);
    }

    // --- filters, from the outermost in ---

    @Bean
    FilterRegistrationBean<DoorFilter> door(@Value("${itrova.hosts}") String hosts) {
        Set<String> names = Arrays.stream(hosts.split(","))
                .map(String::strip)
                .filter(h -> !h.isEmpty())
                .collect(Collectors.toSet());
        return registered(new DoorFilter(names), Ordered.HIGHEST_PRECEDENCE, "/*");
    }

    @Bean
    FilterRegistrationBean<FaultFilter> faults() {
        return registered(new FaultFilter(), Ordered.HIGHEST_PRECEDENCE + 1, "/*");
    }

    @Bean
    FilterRegistrationBean<BodyLimitFilter> bodyLimit() {
        return registered(new BodyLimitFilter(), Ordered.HIGHEST_PRECEDENCE + 2, "/api/*");
    }

    /** Innermost: who may not write is turned away before a write begins. */
    @Bean
    FilterRegistrationBean<WriteOnceFilter> writeOnce(
            WriteOnceStore store, PeopleStore people, PlatformTransactionManager manager) {
        TransactionTemplate transaction = new TransactionTemplate(manager);
        // what another write has committed meanwhile is to be seen once its lock is had
        transaction.setIsolationLevel(TransactionDefinition.ISOLATION_READ_COMMITTED);
        return registered(new WriteOnceFilter(store, people, transaction), Ordered.LOWEST_PRECEDENCE - 10, "/api/*");
    }

    private static <F extends Filter> FilterRegistrationBean<F> registered(F filter, int order, String pattern) {
        FilterRegistrationBean<F> registration = new FilterRegistrationBean<>(filter);
        registration.setOrder(order);
        registration.addUrlPatterns(pattern);
        return registration;
    }
}
