package unbo.core.measure;

/** A kind of quantity met at the bench. Values of one quantity convert into each other; of two, never. */
public enum Quantity {
    LENGTH("a length", "mm", "in"),
    FORCE("a force", "N", "lbf"),
    TORQUE("a torque", "N·m", "lbf·ft"),
    TEMPERATURE("a temperature", "°C", "°F"),
    TEMPERATURE_DIFFERENCE("a temperature difference", "K", "°F"),
    ROTATION("a speed of rotation", "rpm", "rpm"),
    SPEED("a road speed", "km/h", "mph"),
    DISTANCE("a distance", "km", "mi"),
    RUNNING_TIME("running hours", "h", "h"),
    PRESSURE("a pressure", "bar", "psi"),
    MASS("a mass", "g", "oz"),
    VOLUME("a volume", "cm³", "in³"),
    ANGLE("an angle", "°", "°"),
    VISCOSITY("a kinematic viscosity", "mm²/s", "mm²/s"),
    POWER("a power", "W", "W"),
    PITCH("a thread pitch", "mm", "tpi"),
    RATIO("a plain number", "", "");

    private final String words;
    private final String metricSymbol;
    private final String inchSymbol;

    Quantity(String words, String metricSymbol, String inchSymbol) {
        this.words = words;
        this.metricSymbol = metricSymbol;
        this.inchSymbol = inchSymbol;
    }

    /** The quantity as it stands in a sentence, with its article. */
    public String words() {
        return words;
    }

    /** The unit in which the metric half of an echo is written. */
    public Unit metric() {
        return Units.of(this, metricSymbol);
    }

    /** The unit in which the inch half of an echo is written; the metric one where the trade has no other. */
    public Unit inch() {
        return Units.of(this, inchSymbol);
    }
}
