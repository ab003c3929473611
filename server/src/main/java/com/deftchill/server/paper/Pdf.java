package com.deftchill.server.paper;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.thymeleaf.TemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/** A paper: its template filled in, laid out, tagged for those who listen to it, its fonts in it. */
@Component
class Pdf {
    private static final String FONT = "Atkinson Hyperlegible";
    private static final int REGULAR = 400;
    private static final int BOLD = 700;
    private static final int UNKNOWN = 0xFFFD;

    private final TemplateEngine templates = new TemplateEngine();

    Pdf() {
        XRLog.setLoggingEnabled(false);
        var resolver = new ClassLoaderTemplateResolver();
        resolver.setPrefix("papers/");
        resolver.setSuffix(".html");
        resolver.setCharacterEncoding("UTF-8");
        templates.setTemplateResolver(resolver);
    }

    /** Formats of paper. */
    enum Format {
        A4,
        A5
    }

    /**
     * @param template in {@code papers}
     * @param model what it is filled with
     */
    byte[] of(String template, Format format, Map<String, Object> model) {
        var context = new Context(Locale.UK, model);
        context.setVariable("format", format.name());
        var out = new ByteArrayOutputStream();
        var builder = new PdfRendererBuilder();
        builder.usePdfUaAccessibility(true);
        builder.useFont(() -> font("400Regular"), FONT, REGULAR, FontStyle.NORMAL, true);
        builder.useFont(() -> font("700Bold"), FONT, BOLD, FontStyle.NORMAL, true);
        builder.withHtmlContent(printable(templates.process(template, context)), null);
        builder.toStream(out);
        try {
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException(template, e);
        }
        return out.toByteArray();
    }

    /**
     * What XML cannot say (XML 1.0, production 2: most control characters, half a surrogate pair) is shown as a character that is not
     * known, so that nothing typed keeps a paper from being printed.
     */
    static String printable(String text) {
        var shown = new StringBuilder(text.length());
        text.codePoints().map(c -> isSayable(c) ? c : UNKNOWN).forEach(shown::appendCodePoint);
        return shown.toString();
    }

    private static boolean isSayable(int c) {
        return c == '\t'
                || c == '\n'
                || c == '\r'
                || c >= ' '
                        && !Character.isISOControl(c)
                        && !(c >= 0xD800 && c <= 0xDFFF)
                        && c != 0xFFFE
                        && c != 0xFFFF;
    }

    private static InputStream font(String name) {
        return Pdf.class.getResourceAsStream("/papers/fonts/AtkinsonHyperlegible_" + name + ".ttf");
    }
}
