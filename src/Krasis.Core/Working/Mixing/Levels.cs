namespace Krasis.Core.Working.Mixing;

/// <summary>How high what is in a cup stands, as volumes below a level, ml.</summary>
/// <param name="Liquid">The liquid's surface under its foam, with what the ice takes up below it.</param>
/// <param name="Surface">The surface, foam and all.</param>
/// <param name="HeapFrom">Where the heap of ice begins: the bottom where it stands, above it where it floats.</param>
/// <param name="HeapTo">Where the heap of ice ends; as <paramref name="HeapFrom"/> without ice.</param>
internal readonly record struct Levels(double Liquid, double Surface, double HeapFrom, double HeapTo)
{
    /// <summary>The highest of it all: ice that sticks out is met by lid and topping all the same.</summary>
    public double Top => Math.Max(Surface, HeapTo);
}
