namespace Krasis.App.Bar;

/// <summary>A measure that an ingredient can be said in.</summary>
/// <param name="Code">Its code in documents.</param>
/// <param name="Name">What it is called, in the plural.</param>
public sealed record MeasureView(string Code, string Name);
