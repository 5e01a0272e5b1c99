package itrova.server.description;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.Schema;
import itrova.core.bench.DiscIndexing;
import itrova.core.brakes.WhatIf;
import itrova.core.order.SupplierOrder;
import itrova.core.vehicle.AxleForm;
import itrova.core.vehicle.VehicleSheet;
import itrova.core.work.StepPicture;
import itrova.formats.drawing.Sheet;
import itrova.server.api.HealthController;
import itrova.server.axle.FindingViews;
import itrova.server.bleed.BleedController;
import itrova.server.brakes.BrakePlayController;
import itrova.server.brakes.BrakeViews;
import itrova.server.brakes.BrakesController;
import itrova.server.brakes.ProposalController;
import itrova.server.choose.PoseController;
import itrova.server.choose.SearchController;
import itrova.server.choose.SectionController;
import itrova.server.choose.WhatIfController;
import itrova.server.choose.WhatIfDifferences;
import itrova.server.jobs.DossierController;
import itrova.server.jobs.JobsController;
import itrova.server.jobs.VehicleController;
import itrova.server.match.MatchBrakes;
import itrova.server.match.MatchController;
import itrova.server.match.MatchRows;
import itrova.server.measure.AdviceController;
import itrova.server.measure.AroundController;
import itrova.server.measure.AroundText;
import itrova.server.measure.AxleEndView;
import itrova.server.measure.DonorController;
import itrova.server.measure.MeasureController;
import itrova.server.measure.SideSketch;
import itrova.server.measure.WheelProfileController;
import itrova.server.order.Defects;
import itrova.server.order.OrderController;
import itrova.server.order.SuppliersController;
import itrova.server.order.UnpackController;
import itrova.server.parts.CatalogueController;
import itrova.server.parts.KitsController;
import itrova.server.parts.SheetController;
import itrova.server.parts.TemplateController;
import itrova.server.parts.WheelsController;
import itrova.server.people.PeopleController;
import itrova.server.people.SessionController;
import itrova.server.people.SessionsController;
import itrova.server.pricelist.PriceListController;
import itrova.server.road.RoadController;
import itrova.server.road.RoadViews;
import itrova.server.shop.LimitsController;
import itrova.server.shop.LogController;
import itrova.server.shop.SetupController;
import itrova.server.shop.ShopController;
import itrova.server.shop.ShopSettingsController;
import itrova.server.shop.WorkTermsController;
import itrova.server.store.ListReport;
import itrova.server.week.WeekController;
import itrova.server.work.BenchController;
import itrova.server.work.BenchHelpController;
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
public class OpenApiConfiguration {
    private static final List<Class<?>> HOLDERS = List.of(
            BrakesController.class,
            BrakePlayController.class,
            BrakeViews.class,
            ProposalController.class,
            WhatIf.class,
            CatalogueController.class,
            PriceListController.class,
            SheetController.class,
            ListReport.class,
            WorkTermsController.class,
            SessionController.class,
            SessionsController.class,
            PeopleController.class,
            SetupController.class,
            LogController.class,
            HealthController.class,
            JobsController.class,
            DossierController.class,
            RoadController.class,
            RoadViews.class,
            StepPicture.class,
            UnpackController.class,
            Defects.class,
            WeekController.class,
            AxleEndView.class,
            MeasureController.class,
            MatchController.class,
            MatchRows.class,
            MatchBrakes.class,
            FindingViews.class,
            SectionController.class,
            PoseController.class,
            AroundController.class,
            AroundText.class,
            SideSketch.class,
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
            BenchHelpController.class,
            BleedController.class,
            DiscIndexing.class,
            KitsController.class,
            AdviceController.class,
            VehicleController.class,
            ShopController.class,
            ShopSettingsController.class,
            SuppliersController.class,
            SupplierOrder.class,
            VehicleSheet.class,
            AxleForm.class,
            Sheet.class);

    @Bean
    public OpenApiCustomizer requiredFields() {
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
