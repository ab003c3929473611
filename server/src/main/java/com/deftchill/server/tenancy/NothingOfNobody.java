package com.deftchill.server.tenancy;

import java.util.Arrays;
import org.aopalliance.intercept.MethodInterceptor;
import org.hibernate.annotations.TenantId;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.data.jpa.repository.support.JpaRepositoryFactoryBean;
import org.springframework.stereotype.Component;

/** Whatever is told apart by kitchen is neither read nor written for nobody: asked without a kitchen, its repository refuses. */
@Component
class NothingOfNobody implements BeanPostProcessor {
    @Override
    public Object postProcessBeforeInitialization(Object bean, String name) {
        if (bean instanceof JpaRepositoryFactoryBean<?, ?, ?> repositories) {
            repositories.addRepositoryFactoryCustomizer(factory ->
                    factory.addRepositoryProxyPostProcessor((proxy, repository) -> {
                        if (isToldApart(repository.getDomainType())) {
                            proxy.addAdvice(0, (MethodInterceptor) call -> {
                                Kitchens.current();
                                return call.proceed();
                            });
                        }
                    }));
        }
        return bean;
    }

    private static boolean isToldApart(Class<?> entity) {
        return Arrays.stream(entity.getDeclaredFields()).anyMatch(field -> field.isAnnotationPresent(TenantId.class));
    }
}
