using System.Globalization;

namespace Krasis.Core.Quantities;

/// <summary>To where a cup is filled. The mark is the standard, and the millilitres follow from what is already in the
/// cup.</summary>
public abstract record Mark
{
    private Mark() { }

    /// <summary>The mark as it is said behind "fill": <c>to 62 mm</c>, <c>to the milk line</c>. It can be read
    /// again.</summary>
    public abstract string Says { get; }

    /// <summary>A height.</summary>
    /// <param name="Value">Above the inside of the cup's bottom.</param>
    public sealed record Height(Millimetres Value) : Mark
    {
        /// <inheritdoc/>
        public override string Says => $"to {Say.Fine(Value.Value)} mm";
    }

    /// <summary>A volume of the cup.</summary>
    /// <param name="Value">What the cup holds up to the mark.</param>
    public sealed record Volume(Millilitres Value) : Mark
    {
        /// <inheritdoc/>
        public override string Says => $"to {Say.Fine(Value.Value)} ml";
    }

    /// <summary>A share of the cup's brim capacity.</summary>
    /// <param name="Value">Above zero, at most one.</param>
    public sealed record Share(double Value) : Mark
    {
        /// <inheritdoc/>
        public override string Says =>
            $"to {SharesSaid.FirstOrDefault(known => Math.Abs(known.Value - Value) < 1e-9).Says ?? $"{Say.Fine(Value * 100)} %"}";
    }

    /// <summary>A printed line, by its place or by its name.</summary>
    /// <param name="Number">Its place from the bottom, from 1; null when it was named.</param>
    /// <param name="Label">Its name; null when it was counted.</param>
    public sealed record Line(int? Number, string? Label) : Mark
    {
        /// <inheritdoc/>
        public override string Says =>
            Number is { } number ? $"to line {number.ToString(CultureInfo.InvariantCulture)}" : $"to the {Label} line";
    }

    /// <summary>As high as the build's reserve lets it stand.</summary>
    public sealed record Top : Mark
    {
        /// <inheritdoc/>
        public override string Says => "to the top";
    }

    /// <summary>To the brim.</summary>
    public sealed record Brim : Mark
    {
        /// <inheritdoc/>
        public override string Says => "to the brim";
    }

    /// <summary>Shares that have a name.</summary>
    internal static IReadOnlyList<(string Says, double Value)> SharesSaid { get; } =
    [("¼", 0.25), ("⅓", 1.0 / 3), ("½", 0.5), ("⅔", 2.0 / 3), ("¾", 0.75)];
}
