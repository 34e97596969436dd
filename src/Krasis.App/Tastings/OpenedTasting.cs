using Krasis.Core.Builds;
using Krasis.Tasting.Designing;

namespace Krasis.App.Tastings;

/// <summary>What was tasted, as it stood when the tasting was opened.</summary>
/// <param name="Samples">The samples.</param>
/// <param name="Tray">How much of each is made, and when it is handed over.</param>
public sealed record OpenedTasting(IReadOnlyList<OpenedSample> Samples, IReadOnlyList<TraySample> Tray);

/// <summary>A sample as it stood.</summary>
/// <param name="Name">What it is, in words.</param>
/// <param name="Build">The build's id; null of a drink of elsewhere.</param>
/// <param name="BuildName">What the build was called; null of a drink of elsewhere.</param>
/// <param name="Version">The version that was saved last; null of a drink of elsewhere.</param>
/// <param name="Size">The cup's id.</param>
/// <param name="SizeName">What the bar called it.</param>
/// <param name="Strength">Coffee solids, %; null when not known.</param>
/// <param name="Sweetness">Sweetness, g/100 g; null when not known.</param>
/// <param name="Flavour">The share of syrups and sauces of it, %.</param>
/// <param name="Colour">Its colour when it is handed over.</param>
/// <param name="Document">The build; null of a drink of elsewhere.</param>
public sealed record OpenedSample(
    string Name,
    string? Build,
    string? BuildName,
    long? Version,
    string? Size,
    string? SizeName,
    double? Strength,
    double? Sweetness,
    double? Flavour,
    string? Colour,
    BuildDocument? Document
);
