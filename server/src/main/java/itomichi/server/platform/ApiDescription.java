package itomichi.server.platform;

import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.AnnotatedParameterizedType;
import java.lang.reflect.AnnotatedType;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Says in the HTTP description what the records say in Java: every property is there unless its component is marked nullable.
 *
 * <p>The records are found from what the controllers take and give, component by component.
 */
@Configuration
class ApiDescription {

    @Bean
    OpenApiCustomizer requiredUnlessNullable(
            @Qualifier("requestMappingHandlerMapping") ObjectProvider<RequestMappingHandlerMapping> controllers) {
        return description -> {
            description.getInfo().title("Itomichi").version("1");
            description.setServers(List.of());
            ModelConverters.getInstance(true).readAll(Problem.class).forEach(description.getComponents()::addSchemas);
            Map<String, Class<?>> records = new LinkedHashMap<>();
            collect(Problem.class, records);
            for (HandlerMethod method :
                    controllers.getObject().getHandlerMethods().values()) {
                collect(method.getMethod().getAnnotatedReturnType(), records);
                for (AnnotatedType parameter : method.getMethod().getAnnotatedParameterTypes()) {
                    collect(parameter, records);
                }
                // what its controller answers instead, when something is wrong
                for (Class<?> nested : method.getBeanType().getDeclaredClasses()) {
                    collect(nested, records);
                }
            }
            description.getComponents().getSchemas().forEach((name, schema) -> require(schema, records.get(name)));
        };
    }

    private static void collect(AnnotatedType type, Map<String, Class<?>> records) {
        if (type instanceof AnnotatedParameterizedType parameterized) {
            for (AnnotatedType argument : parameterized.getAnnotatedActualTypeArguments()) {
                collect(argument, records);
            }
        } else if (type.getType() instanceof Class<?> plain) {
            collect(plain, records);
        }
    }

    private static void collect(Class<?> type, Map<String, Class<?>> records) {
        if (type.isRecord() && records.putIfAbsent(type.getSimpleName(), type) == null) {
            for (RecordComponent component : type.getRecordComponents()) {
                collect(component.getAnnotatedType(), records);
            }
        }
    }

    private static void require(Schema<?> schema, @Nullable Class<?> record) {
        if (record == null) {
            return;
        }
        List<String> required = new ArrayList<>();
        for (RecordComponent component : record.getRecordComponents()) {
            if (!component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                required.add(component.getName());
            }
        }
        schema.setRequired(required);
    }
}
