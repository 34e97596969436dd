using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.House;
using Krasis.Core.Builds;

namespace Krasis.Core.Working.Mixing;

/// <summary>What a drink is put together in, and what that does to it.</summary>
/// <param name="Cup">The cup.</param>
/// <param name="IsBlended">Whether ice that goes in is blended into the liquid.</param>
/// <param name="Overrun">Air that shaking or blending puts in, as a share of the volume.</param>
internal sealed record CupVessel(Cup Cup, bool IsBlended, double Overrun)
{
    /// <summary>A cup of a drink that is served in a way.</summary>
    public static CupVessel For(Cup cup, Serve serve, HouseRules house) =>
        new(
            cup,
            serve == Serve.Blended,
            serve switch
            {
                Serve.Shaken => house.ShakenAir.Value / 100,
                Serve.Blended => house.BlendedAir.Value / 100,
                _ => 0,
            }
        );
}
