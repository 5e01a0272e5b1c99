package itrova.server.security;

import itrova.server.store.PeopleStore;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
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
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;

/** Who may call what. */
@Configuration
class SecurityConfiguration {
    private static final String CONTENT_POLICY =
            "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; "
                    + "font-src 'self'; connect-src 'self'; frame-ancestors 'none'; base-uri 'self'; form-action 'self'";

    /** What is asked with a body but changes nothing. */
    private static final String[] LOOKING = {"/api/understand", "/api/axles/*/what-if", "/api/axles/*/search"};

    @Bean
    SecurityFilterChain chain(HttpSecurity http, SecurityContextRepository contexts) {
        String lead = Role.LEAD.name();
        String mechanic = Role.MECHANIC.name();
        return http.csrf(CsrfConfigurer::spa)
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .securityContext(c -> c.securityContextRepository(contexts))
                .exceptionHandling(e -> e.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
                .headers(h -> h.contentSecurityPolicy(c -> c.policyDirectives(CONTENT_POLICY)))
                .authorizeHttpRequests(a -> a.requestMatchers("/api/session", "/api/openapi")
                        .permitAll()
                        .requestMatchers(HttpMethod.PUT, "/api/session/**")
                        .authenticated()
                        .requestMatchers(HttpMethod.POST, LOOKING)
                        .authenticated()
                        .requestMatchers(HttpMethod.DELETE, "/api/axles/*/search/*")
                        .authenticated()
                        .requestMatchers("/api/axles/*/liked/*")
                        .authenticated()
                        .requestMatchers(HttpMethod.GET, "/api/**")
                        .authenticated()
                        .requestMatchers(
                                HttpMethod.POST,
                                "/api/axles/*/order/signature",
                                "/api/kits/import",
                                "/api/wheels/import",
                                "/api/families/import")
                        .hasRole(lead)
                        .requestMatchers(HttpMethod.PUT, "/api/instruments/**", "/api/limits/**")
                        .hasRole(lead)
                        .requestMatchers("/api/**")
                        .hasAnyRole(lead, mechanic)
                        .anyRequest()
                        .permitAll())
                .build();
    }

    @Bean
    SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    PasswordEncoder passwordEncoder() {
        return new BCryptPasswordEncoder();
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

    @Bean
    FilterRegistrationBean<BodyLimitFilter> bodyLimit() {
        FilterRegistrationBean<BodyLimitFilter> registration = new FilterRegistrationBean<>(new BodyLimitFilter());
        registration.setOrder(Ordered.HIGHEST_PRECEDENCE);
        registration.addUrlPatterns("/api/*");
        return registration;
    }
}
