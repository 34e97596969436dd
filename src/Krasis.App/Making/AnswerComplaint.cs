using Krasis.App.Shared;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Input;
using Krasis.Core.Making.Complaining;
using Krasis.Core.Making.Pouring;
using Krasis.Store;

namespace Krasis.App.Making;

/// <summary>Says what may be behind a complaint.</summary>
public sealed class AnswerComplaint(KrasisFile file, TimeProvider clock) : IUseCase
{
    private const int DaysBack = 21;

    /// <summary>Does it.</summary>
    public Result<Diagnosis> Run(ComplaintRequest request)
    {
        var fields = new FieldReader();
        var complaint = fields.Word("complaint", request.Complaint, Complaint.Sour);
        if (fields.Problems.Count > 0)
        {
            return Refusal.Fields(fields.Problems);
        }

        var from = clock.GetUtcNow().AddDays(-DaysBack);
        var (bar, series) = file.Read(session => (session.Bar.Facts(), PourLog.SeriesSince(session, from, clock)));
        var found = Diagnosis.Of(
            request.Build.WithoutNulls(),
            bar,
            new CupId(request.Size ?? ""),
            complaint,
            PourFindings.In(series),
            clock.Today()
        );
        return found.IsRead ? Result.Of(found.Value) : Refusal.Fields(found.Problems);
    }
}
