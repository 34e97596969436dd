namespace Krasis.Core.Physics;

/// <summary>The colour of what scatters light: milk takes coffee's colour by how much coffee absorbs against how much
/// milk scatters.</summary>
/// <remarks>P. Kubelka and F. Munk, Zeitschrift für technische Physik 12 (1931) 593–601: of a layer so thick that
/// nothing is seen through it, R∞ = 1 + K/S − √((K/S)² + 2·K/S). K and S of a mixture add up by
/// concentration.</remarks>
public static class KubelkaMunk
{
    // Nothing is blacker than soot or whiter than snow, and a K/S has to stay a number.
    private const double Darkest = 0.002;
    private const double Lightest = 0.995;

    /// <summary>K/S of a reflectance: (1 − R)² ÷ 2R.</summary>
    /// <param name="reflectance">From 0 to 1, by linear light.</param>
    public static double RatioOf(double reflectance)
    {
        var r = Math.Clamp(reflectance, Darkest, Lightest);
        return (1 - r) * (1 - r) / (2 * r);
    }

    /// <summary>The reflectance of a K/S.</summary>
    /// <param name="ratio">Zero or more.</param>
    public static double ReflectanceOf(double ratio) => 1 + ratio - Math.Sqrt((ratio * ratio) + (2 * ratio));
}
