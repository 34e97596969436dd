namespace Krasis.Core.Quantities;

/// <summary>What a <see cref="Measure"/> counts.</summary>
public enum MeasureKind
{
    /// <summary>Mass; the same for every ingredient.</summary>
    Mass,

    /// <summary>Volume; the same for every ingredient.</summary>
    Volume,

    /// <summary>Strokes of a dispenser; how much that is depends on the dispenser in hand.</summary>
    Stroke,

    /// <summary>Shots of espresso; how much that is depends on the espresso recipe.</summary>
    Shot,

    /// <summary>Pieces of ice; how much that is depends on the ice.</summary>
    Piece,
}
