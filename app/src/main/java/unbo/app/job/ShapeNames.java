package unbo.app.job;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

import unbo.core.drawing.Shape;

/** How shapes are told apart in a document; laid over {@link Shape}, which knows of no document. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "shape")
@JsonSubTypes({
    @JsonSubTypes.Type(name = "outline", value = Shape.Outline.class),
    @JsonSubTypes.Type(name = "circle", value = Shape.Circle.class),
    @JsonSubTypes.Type(name = "arc", value = Shape.Arc.class),
    @JsonSubTypes.Type(name = "label", value = Shape.Label.class),
    @JsonSubTypes.Type(name = "dimension", value = Shape.Dimension.class),
    @JsonSubTypes.Type(name = "turned", value = Shape.Turned.class),
    @JsonSubTypes.Type(name = "moved", value = Shape.Moved.class),
    @JsonSubTypes.Type(name = "spinning", value = Shape.Spinning.class),
    @JsonSubTypes.Type(name = "tagged", value = Shape.Tagged.class)
})
public interface ShapeNames {}
