package wildchalk.picture.export;

/** Paper sizes. */
public enum Paper {
    A4("A4", "210mm 297mm", 186, 271),
    LETTER("Letter", "8.5in 11in", 191.9, 253.4);

    private final String title;
    private final String css;
    private final double textWidthMillimetres;
    private final double textHeightMillimetres;

    Paper(String title, String css, double textWidthMillimetres, double textHeightMillimetres) {
        this.title = title;
        this.css = css;
        this.textWidthMillimetres = textWidthMillimetres;
        this.textHeightMillimetres = textHeightMillimetres;
    }

    public String title() {
        return title;
    }

    public String css() {
        return css;
    }

    /** Between the margins. */
    public double textWidthMillimetres() {
        return textWidthMillimetres;
    }

    /** Between the margins. */
    public double textHeightMillimetres() {
        return textHeightMillimetres;
    }
}
