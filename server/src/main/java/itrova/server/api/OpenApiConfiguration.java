package itrova.server.api;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Schema;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.VehicleSheet;
import itrova.formats.drawing.Sheet;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The API's description: a field is required unless its record says it may be absent. */
@Configuration
class OpenApiConfiguration {
    private static final List<Class<?>> HOLDERS = List.of(
            SessionController.class,
            SessionsController.class,
            PeopleController.class,
            SetupController.class,
            LogController.class,
            HealthController.class,
            JobsController.class,
            AxleEndView.class,
            MeasureController.class,
            MatchController.class,
            MatchRows.class,
            FindingViews.class,
            SectionController.class,
            PoseController.class,
            AroundController.class,
            AroundText.class,
            DonorController.class,
            SearchController.class,
            WhatIfController.class,
            WhatIfDifferences.class,
            TemplateController.class,
            WheelsController.class,
            WheelProfileController.class,
            LimitsController.class,
            OrderController.class,
            BenchController.class,
            KitsController.class,
            AdviceController.class,
            VehicleController.class,
            ShopController.class,
            VehicleSheet.class,
            AxleForm.class,
            Sheet.class);

    @Bean
    OpenApiCustomizer requiredFields() {
        return OpenApiConfiguration::markRequired;
    }

    private static void markRequired(OpenAPI api) {
        Map<String, Class<?>> records = new HashMap<>();
        for (Class<?> holder : HOLDERS) {
            records.put(holder.getSimpleName(), holder);
            Arrays.stream(holder.getDeclaredClasses()).forEach(c -> records.put(c.getSimpleName(), c));
        }
        api.getComponents().getSchemas().forEach((name, schema) -> {
            Class<?> type = records.get(name);
            if (type != null && type.isRecord()) {
                mark(schema, type);
            }
        });
    }

    private static void mark(Schema<?> schema, Class<?> type) {
        List<String> required = new ArrayList<>();
        for (RecordComponent c : type.getRecordComponents()) {
            if (!c.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                required.add(c.getName());
            }
        }
        schema.setRequired(required);
    }
}
