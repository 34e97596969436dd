using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Cups;

/// <summary>The inside of a cup as a frustum of a right circular cone. The top may be wider than the bottom, as
/// wide, or narrower.</summary>
public sealed record Frustum
{
    private const double CubicMillimetresInMl = 1000;

    /// <summary>Makes a frustum.</summary>
    /// <param name="top">Inner diameter at the brim, above zero.</param>
    /// <param name="bottom">Inner diameter at the bottom, above zero.</param>
    /// <param name="height">Inner height, above zero.</param>
    /// <exception cref="ArgumentOutOfRangeException">A length is zero or less.</exception>
    public Frustum(Millimetres top, Millimetres bottom, Millimetres height)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(top.Value, nameof(top));
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(bottom.Value, nameof(bottom));
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(height.Value, nameof(height));
        Top = top;
        Bottom = bottom;
        Height = height;
    }

    /// <summary>Inner diameter at the brim.</summary>
    public Millimetres Top { get; }

    /// <summary>Inner diameter at the bottom.</summary>
    public Millimetres Bottom { get; }

    /// <summary>Inner height from the bottom to the brim.</summary>
    public Millimetres Height { get; }

    /// <summary>The inner area of wall and bottom, mm²: π·(r₀ + r)·slant + π·r₀².</summary>
    public double WallArea
    {
        get
        {
            var (bottom, top) = (Bottom.Value / 2, Top.Value / 2);
            return (
                    Math.PI
                    * (bottom + top)
                    * Math.Sqrt((Height.Value * Height.Value) + ((top - bottom) * (top - bottom)))
                ) + (Math.PI * bottom * bottom);
        }
    }

    /// <summary>How long the slanting wall is for a millimetre of height: 1 ÷ cos of its slant.</summary>
    public double WallPerHeight =>
        Math.Sqrt((Height.Value * Height.Value) + Math.Pow((Top.Value - Bottom.Value) / 2, 2)) / Height.Value;

    /// <summary>One of the same proportions that holds so much.</summary>
    /// <param name="capacity">Above zero.</param>
    public Frustum Holding(Millilitres capacity)
    {
        var times = Math.Cbrt(capacity / Capacity);
        return new Frustum(Top * times, Bottom * times, Height * times);
    }

    /// <summary>The volume when level full, by geometry alone.</summary>
    public Millilitres Capacity => VolumeTo(Height);

    /// <summary>What a millimetre above the brim holds that keeps the brim's width, ml: π·d² ÷ 4.</summary>
    public double MlPerMillimetreOfBrim => Math.PI * Top.Value * Top.Value / 4 / CubicMillimetresInMl;

    /// <summary>The volume from the bottom up to a height: V = πh/3 · (r₀² + r₀·r + r²), where r is the radius at
    /// that height (the textbook volume of a frustum of a cone).</summary>
    /// <param name="height">From 0 to <see cref="Height"/>; beyond it the value of the nearer end is given.</param>
    public Millilitres VolumeTo(Millimetres height)
    {
        var h = Math.Clamp(height.Value, 0, Height.Value);
        var r0 = Bottom.Value / 2;
        var r = r0 + ((Top.Value - Bottom.Value) / 2 * (h / Height.Value));
        return Millilitres.From(Math.PI * h / 3 * ((r0 * r0) + (r0 * r) + (r * r)) / CubicMillimetresInMl);
    }

    /// <summary>The height up to which a volume fills the frustum: the inverse of <see cref="VolumeTo"/>.</summary>
    /// <param name="volume">From 0 to <see cref="Capacity"/>; beyond it the value of the nearer end is given.</param>
    /// <remarks>Solving the volume for the radius gives (r/r₀)³ = 1 + x with x = 3·ΔR·V ÷ (π·H·r₀³). Written as
    /// h = 3V ÷ (π·r₀²·(c² + c + 1)) with c = ∛(1 + x), nothing is divided by ΔR, so that a straight cylinder and
    /// one that is nearly straight come out as exactly as any other cup.</remarks>
    public Millimetres HeightFor(Millilitres volume)
    {
        var v = Math.Clamp(volume.Value, 0, Capacity.Value) * CubicMillimetresInMl;
        var r0 = Bottom.Value / 2;
        var widening = (Top.Value - Bottom.Value) / 2;
        var c = Math.Cbrt(1 + (3 * widening * v / (Math.PI * Height.Value * r0 * r0 * r0)));
        return Millimetres.From(Math.Min(Height.Value, 3 * v / (Math.PI * r0 * r0 * ((c * c) + c + 1))));
    }
}
